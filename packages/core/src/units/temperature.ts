/** Celsius to Fahrenheit, for a temperature (not a difference). */
export const celsiusToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** Fahrenheit to Celsius, for a temperature (not a difference). */
export const fahrenheitToCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/** Zero degrees Celsius in kelvin. */
export const KELVIN = 273.15;

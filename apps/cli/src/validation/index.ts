export { validationFigures } from './figures';
export { validationPage } from './page';

// Development views of the router (toasts, the site map) and native tab triggers: never shown here.
export const Sitemap = () => null;
export const getNavOptions = () => ({});
export const Toast = () => null;
export const ToastWrapper = ({ children }) => children;
export const isNativeTabTrigger = () => false;

export * from './killedServer';
export * from './randomRequests';

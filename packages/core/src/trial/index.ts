export * from './blindOrder';
export * from './difference';
export * from './trial';
export * from './variantsOf';

export { CHAIN_LIMITS, strengthChain, type Chain, type ChainInput, type ChainJoint } from './chain';

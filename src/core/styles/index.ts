export { type BraiseStyle, kindOf, BRAISE_STYLES, type OwnKind, withStyle } from './styles';

'use client';
import { createTheme } from '@mui/material/styles';
import { DARK, LIGHT } from './palette';

export const TEXT_FACE = "'Upwind Digits', 'Atkinson Hyperlegible Next Variable', 'Inter Variable', sans-serif";
export const FIGURE_FACE = "'Barlow Semi Condensed', 'Inter Variable', sans-serif";

const scheme = (c: Record<keyof typeof LIGHT, string>) => ({
  palette: {
    primary: { main: c.act, contrastText: c.onAct },
    error: { main: c.stop },
    warning: { main: c.fix },
    info: { main: c.note },
    background: { default: c.paper, paper: c.sheet },
    text: { primary: c.ink, secondary: c.dim },
    divider: c.line,
  },
});

/** MUI's parts in our look; our own parts take the same roles from globals.css. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-color-scheme' },
  colorSchemes: { light: scheme(LIGHT), dark: scheme(DARK) },
  shape: { borderRadius: 4 },
  typography: { fontFamily: TEXT_FACE, fontSize: 14, button: { textTransform: 'none', fontWeight: 600 } },
  transitions: { create: () => 'none' },
  components: {
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: {
        root: { fontFamily: FIGURE_FACE, fontSize: 15, lineHeight: 1.4, padding: '5px 14px', minWidth: 0 },
        outlined: { borderColor: 'currentColor' },
      },
    },
    MuiIconButton: { defaultProps: { disableRipple: true } },
    MuiDialogTitle: {
      styleOverrides: { root: { fontFamily: FIGURE_FACE, fontWeight: 600, fontSize: 22, paddingBottom: 4 } },
    },
    MuiTable: { styleOverrides: { root: { fontVariantNumeric: 'tabular-nums' } } },
    MuiTableCell: {
      styleOverrides: {
        root: {
          font: 'inherit',
          fontWeight: 400,
          letterSpacing: 'normal',
          padding: '5px 12px 5px 0',
          borderTop: '1px solid var(--line)',
          borderBottom: 0,
          verticalAlign: 'baseline',
        },
        head: { borderTop: 0, paddingBottom: 2, verticalAlign: 'bottom', fontSize: 13, color: 'var(--dim)' },
      },
    },
    MuiCheckbox: {
      defaultProps: { disableRipple: true, size: 'small' },
      styleOverrides: { root: { padding: 0 } },
    },
    MuiRadio: {
      defaultProps: { disableRipple: true, size: 'small' },
      styleOverrides: { root: { padding: 0 } },
    },
    MuiFormControlLabel: {
      defaultProps: { disableTypography: true },
      styleOverrides: { root: { margin: 0, gap: 8 } },
    },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
  },
});

export { default as Body } from '@mui/material/TableBody';
export { default as Cell } from '@mui/material/TableCell';
export { default as Head } from '@mui/material/TableHead';
export { default as Row } from '@mui/material/TableRow';
export { default as Table } from '@mui/material/Table';

import { expose } from 'comlink';
import { jsPDF } from 'jspdf';
import type { ReportPage } from '../core/report/page';
import { reportPdf, type ReportPdf, type ReportType } from '../data/pdf/reportPdf';

/** Writes a report as a PDF file. */
export const writeReport = (page: ReportPage, type: ReportType): ReportPdf =>
  reportPdf(page, type, jsPDF);

expose({ writeReport });

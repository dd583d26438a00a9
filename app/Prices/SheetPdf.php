<?php

namespace App\Prices;

use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use TCPDF;

/** A cost sheet on paper. */
final class SheetPdf
{
    private const MARGIN = 14.0;

    private const BAR = 11.0;

    private const LINE = 5.4;

    /** In which the parts of the bar are named. */
    private const COLUMNS = 3;

    /**
     * @param  array<string, mixed>  $sheet  as SheetWords writes it
     * @param  string  $size  "LETTER" or "A4"
     * @param  ?Carbon  $keptAt  when the price was decided on
     */
    public static function answer(array $sheet, string $size, ?Carbon $keptAt = null): Response
    {
        $paper = new TCPDF('P', 'mm', $size, true, 'UTF-8');
        $paper->setPrintHeader(false);
        $paper->setPrintFooter(false);
        $paper->SetCreator('Davrin');
        $paper->SetTitle("Cost sheet: {$sheet['name']}");
        $paper->SetMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $paper->SetAutoPageBreak(true, self::MARGIN);
        $paper->AddPage();
        $paper->SetFont('dejavusans', '', 9.5);
        $paper->writeHTML(view('prices.paper', ['sheet' => $sheet, 'keptAt' => $keptAt])->render());
        self::bar($paper, $sheet);

        return response($paper->Output('', 'S'), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.Str::slug($sheet['name']).'-cost.pdf"',
        ]);
    }

    /**
     * Where the money goes, a number on each part and its words below, all on one page.
     *
     * @param  array<string, mixed>  $sheet  as SheetWords writes it
     */
    private static function bar(TCPDF $paper, array $sheet): void
    {
        $lines = (int) ceil(count($sheet['bar']) / self::COLUMNS);
        if ($paper->GetY() + self::BAR + self::LINE * ($lines + 3) > $paper->getPageHeight() - self::MARGIN) {
            $paper->AddPage();
        }
        $paper->SetFont('dejavusans', 'B', 10.5);
        $paper->Cell(0, self::LINE + 2, "Where {$sheet['asked']} goes", 0, 1);
        $paper->SetFont('dejavusans', '', 9.5);
        [$x, $y, $wide] = [self::MARGIN, $paper->GetY(), $paper->getPageWidth() - 2 * self::MARGIN];
        foreach ($sheet['bar'] as $number => $part) {
            $shade = $number % 2 === 0 ? 255 : 222;
            $paper->SetFillColor($shade, $shade, $shade);
            $paper->SetXY($x, $y);
            $paper->Cell($wide * $part['part'], self::BAR, $wide * $part['part'] > 6 ? (string) ($number + 1) : '', 1, 0, 'C', true);
            $x += $wide * $part['part'];
        }
        $paper->SetXY(self::MARGIN, $y + self::BAR + 2);
        foreach ($sheet['bar'] as $number => $part) {
            $isLast = $number % self::COLUMNS === self::COLUMNS - 1;
            $words = sprintf('%d  %s: %s', $number + 1, $part['label'], $part['shown']);
            $paper->Cell($wide / self::COLUMNS, self::LINE, $words, 0, $isLast ? 1 : 0);
        }
    }
}

<?php

namespace App\Cut;

use App\Drawing\Ink;
use Davrin\Core\Cut\CutSheet;
use Davrin\Core\Cut\SheetCut;
use Davrin\Core\Cut\SheetRoll;
use Davrin\Core\Roll\SegmentKind;
use TCPDF;

/** The cut sheet on paper: each roll to scale and as a list with boxes to tick, labels for what goes back. */
final class CutSheetPdf
{
    private const MARGIN = 14.0;

    private const STRIP = 9.0;

    private const LINE = 5.4;

    /** What is cut how often stands in the first; the boxes stand in columns after it, each this wide at the least. */
    private const FIRST_COLUMN = 46.0;

    private const COLUMN = 28.0;

    /** A box to tick and the room beside it. */
    private const BOX = 5.0;

    private TCPDF $paper;

    private float $width;

    private function __construct(private readonly SheetPage $page, string $size)
    {
        $this->paper = new TCPDF('P', 'mm', $size, true, 'UTF-8');
        $this->paper->setPrintHeader(false);
        $this->paper->setPrintFooter(false);
        $this->paper->SetCreator('Davrin');
        $this->paper->SetTitle('Cut sheet: '.$page->name);
        $this->paper->SetMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->paper->SetAutoPageBreak(true, self::MARGIN);
        $this->paper->AddPage();
        $this->width = $this->paper->getPageWidth() - 2 * self::MARGIN;
    }

    /** @param  string  $size  "LETTER" or "A4" */
    public static function of(SheetPage $page, string $size): string
    {
        $pdf = new self($page, $size);
        $pdf->head($page->sheet);
        $longest = max([1, ...array_map(fn (SheetRoll $roll): int => $roll->roll->length->units, $page->sheet->rolls)]);
        foreach ($page->sheet->rolls as $roll) {
            $pdf->roll($roll, $pdf->width / $longest);
        }
        $pdf->labels($page->sheet);

        return $pdf->paper->Output('', 'S');
    }

    private function head(CutSheet $sheet): void
    {
        $this->write($this->page->name, 17, 'B');
        $this->write($this->page->said().($sheet->toBuy === [] ? '' : '; to have at hand: '.implode(', ', $sheet->toBuy)), 10);
        if ($this->page->isShort && $this->page->isOfSeveral()) {
            $this->write('Short of mesh: some pieces are on no roll.', 10, 'B');
        }
        foreach ($sheet->warnings as $warning) {
            $this->write($warning, 10, 'B');
        }
        foreach ($sheet->ways as $way) {
            $this->write($way, 9.5);
        }
        foreach ($sheet->cautions as $caution) {
            $this->write('Mind: '.$caution->words(), 9.5, 'B');
        }
        $this->paper->Ln(2);
    }

    private function roll(SheetRoll $roll, float $perUnit): void
    {
        // A roll's heading, its strip and its first line stay together.
        $this->keepTogether(34 + 9 * count($roll->warnings));
        $units = $this->page->units;
        $kept = $this->page->kept($roll);
        $this->write(
            "{$roll->wound->name()}, {$units->exact($roll->wound->width())}: $roll->name".($kept === '' ? '' : ", stored: $kept"),
            11.5,
            'B',
        );
        foreach ($roll->warnings as $warning) {
            $this->write($warning, 9.5, 'B');
        }
        $this->strip($roll, $perUnit);
        foreach ($roll->groups() as $cuts) {
            $this->cuts($cuts);
        }
        $this->write(ucfirst($roll->rest($units)).'.', 9.5, 'B');
        $this->paper->Ln(3);
    }

    private function strip(SheetRoll $roll, float $perUnit): void
    {
        $ink = $this->page->inks[$roll->key];
        [$x, $y] = [self::MARGIN, $this->paper->GetY() + 0.5];
        $this->paper->SetDrawColor(34, 48, 44);
        $this->paper->SetLineWidth(0.15);
        foreach ($roll->cuts as $cut) {
            $wide = $cut->segment->length->units * $perUnit;
            $isTail = $cut->segment->kind !== SegmentKind::Piece && $cut->segment->kind !== SegmentKind::Step;
            $this->fill($isTail ? $ink->light : $ink->fill);
            $this->paper->Rect($x, $y, $wide, self::STRIP, 'F');
            PdfHatch::over($this->paper, $ink, $x, $y, $wide, self::STRIP);
            $this->paper->SetDrawColor(34, 48, 44);
            $this->paper->SetLineWidth(0.15);
            $this->paper->Rect($x, $y, $wide, self::STRIP, 'D');
            if (
                $cut->segment->tie !== null
                && $wide > 4
                && $cut->segment->kind !== SegmentKind::StartTail
                && $cut->segment->kind !== SegmentKind::EndTail
            ) {
                $this->paper->SetTextColor(...Ink::rgb($ink->text));
                $this->paper->SetFont('dejavusans', 'B', 7.5);
                $number = (string) $cut->segment->tie;
                $room = $this->paper->GetStringWidth($number) + 1;
                // On a plate of its own, as a number is not read over a pattern.
                $this->fill($ink->fill);
                $this->paper->Rect($x + ($wide - $room) / 2, $y + 2.4, $room, 4.2, 'F');
                $this->paper->SetXY($x, $y + 2.4);
                $this->paper->Cell($wide, 4.2, $number, 0, 0, 'C');
                $this->paper->SetTextColor(0, 0, 0);
            }
            $x += $wide;
        }
        $left = $roll->roll->left()->units * $perUnit;
        if ($left > 0) {
            $this->paper->SetLineStyle(['width' => 0.2, 'dash' => '1.2,1']);
            $this->paper->Rect($x, $y, $left, self::STRIP);
            $this->paper->SetLineStyle(['width' => 0.15, 'dash' => 0]);
        }
        $this->paper->SetY($y + self::STRIP + 1);
    }

    /** @param  list<SheetCut>  $cuts  alike */
    private function cuts(array $cuts): void
    {
        [$units, $first] = [$this->page->units, $cuts[0]];
        if ($first->whose !== null) {
            $this->keepTogether(2 * self::LINE);
            $this->write("for $first->whose", 9, 'I');
        }
        $this->paper->SetFont('dejavusans', '', 9.5);
        $this->keepTogether(self::LINE);
        $this->paper->Cell(
            self::FIRST_COLUMN,
            self::LINE,
            sprintf('%d x %s%s', count($cuts), $units->needed($first->segment->length), $first->isTied ? ', tied' : ''),
            0,
            0,
        );
        $words = array_map(
            fn (SheetCut $cut): string => ($cut->segment->tie === null
                ? $cut->for
                : ($cut->segment->element === null ? 'tail, ' : '')."tie {$cut->segment->tie}").': '.$units->needed($cut->total),
            $cuts,
        );
        // As many columns as hold the longest words.
        $longest = max(array_map(fn (string $one): float => $this->paper->GetStringWidth($one), $words)) + self::BOX + 2;
        $room = min(max(self::COLUMN, $longest), $this->width - self::FIRST_COLUMN);
        foreach ($cuts as $index => $cut) {
            if ($this->paper->GetX() + $room > self::MARGIN + $this->width + 0.1) {
                $this->paper->Ln(self::LINE);
                $this->keepTogether(self::LINE);
                $this->paper->SetX(self::MARGIN + self::FIRST_COLUMN);
            }
            $this->box(in_array($cut->key, $this->page->ticked, true));
            $this->paper->SetX($this->paper->GetX() + self::BOX);
            $this->paper->Cell($room - self::BOX, self::LINE, $words[$index], 0, 0, '', false, '', 1);
        }
        $this->paper->Ln(self::LINE);
    }

    private function box(bool $isTicked): void
    {
        [$x, $y] = [$this->paper->GetX() + 0.6, $this->paper->GetY() + 1.1];
        $this->paper->Rect($x, $y, 3.2, 3.2);
        if ($isTicked) {
            $this->paper->SetLineStyle(['width' => 0.5]);
            $this->paper->PolyLine([$x + 0.6, $y + 1.6, $x + 1.4, $y + 2.5, $x + 2.8, $y + 0.5]);
            $this->paper->SetLineStyle(['width' => 0.15]);
        }
    }

    private function labels(CutSheet $sheet): void
    {
        if ($sheet->labels() === []) {
            return;
        }
        $this->write('Labels for what goes back, to cut out', 11.5, 'B');
        foreach ($sheet->labels() as $label) {
            $this->paper->SetFont('dejavusans', 'B', 11);
            $this->paper->SetLineStyle(['width' => 0.2, 'dash' => '1.2,1']);
            $this->paper->MultiCell(
                min(100.0, $this->width),
                10,
                $label->words(),
                1,
                'L',
                false,
                1,
                null,
                null,
                true,
                0,
                false,
                true,
                10,
                'M',
            );
            $this->paper->Ln(2);
        }
    }

    /** Goes on to the next page where this much does not fit on this one: a box without its words says nothing. */
    private function keepTogether(float $height): void
    {
        if ($this->paper->GetY() + $height > $this->paper->getPageHeight() - self::MARGIN) {
            $this->paper->AddPage();
            // The new page would begin in the style that was drawn in before the last.
            $this->paper->SetLineStyle(['width' => 0.15, 'dash' => 0]);
        }
    }

    private function write(string $words, float $size, string $style = ''): void
    {
        $this->paper->SetFont('dejavusans', $style, $size);
        $this->paper->MultiCell($this->width, 0, $words, 0, 'L');
    }

    private function fill(string $colour): void
    {
        $this->paper->SetFillColor(...Ink::rgb($colour));
    }
}

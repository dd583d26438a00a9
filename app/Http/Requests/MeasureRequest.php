<?php

namespace App\Http\Requests;

use App\Models\ShelfItem;
use App\Models\ShelfStock;
use App\Settings\House;
use Davrin\Core\Blank\CountBlank;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Material\OnHandBlank;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\NotReadable;
use Davrin\Core\Measure\Weight;
use Davrin\Core\Shelf\Measuring;
use Davrin\Core\Shelf\MovementKind;
use Davrin\Core\Shelf\NotMeasurable;
use Davrin\Core\Words\Refused;
use Illuminate\Foundation\Http\FormRequest;

/** How somebody measured what is left on a roll: on the scale, across, by what was cut, or with the tape. */
final class MeasureRequest extends FormRequest
{
    private const KNOWN = [
        'weight' => 'weighed',
        'across' => 'by its diameter',
        'cuts' => 'by what was cut',
        'tape' => 'measured',
        'count' => 'counted',
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['way' => ['required', 'in:'.implode(',', array_keys(self::KNOWN))], '*' => ['nullable', 'string', 'max:200']];
    }

    /**
     * What is left: units of length of a roll, else pieces.
     *
     * @throws Refused
     */
    public function amount(ShelfStock $stock): int
    {
        return match (true) {
            $stock->kind->isRoll() === ($this->input('way') === 'count') => throw NotMeasurable::notThatWay(),
            $stock->kind->isRoll() => $this->left($stock)->units,
            default => (new CountBlank('count', 'how many there are', 1, 0, 100_000))->read($this->typed('count'), null),
        };
    }

    /** @throws Refused */
    private function left(ShelfStock $stock): Length
    {
        $new = $stock->item->slip()->length('roll');
        $left = match ($this->input('way')) {
            'weight' => Measuring::byWeight(
                $new,
                Weight::read($this->typed('newWeight')),
                Weight::read($this->typed('coreWeight')),
                Weight::read($this->typed('now')),
            ),
            'across' => Measuring::byDiameter(
                $new,
                $this->across('newAcross'),
                $this->across('coreAcross'),
                $this->across('across'),
                app(House::class)->units(),
            ),
            'cuts' => Measuring::byCuts(Length::ofUnits($stock->amount), $this->cuts(), app(House::class)->units()),
            default => $this->length('tape'),
        };

        return $left->isNegative() || $left->units > max($new->units, $stock->piece)
            ? throw NotMeasurable::longerThanNew(app(House::class)->units()->exact($left), app(House::class)->units()->roll($new))
            : $left;
    }

    public function known(): string
    {
        return self::KNOWN[(string) $this->input('way')];
    }

    /** What was cut is known to be off; anything else says how much is there, whatever was before. */
    public function kind(): MovementKind
    {
        return $this->input('way') === 'cuts' ? MovementKind::Cut : MovementKind::Measured;
    }

    public function words(): string
    {
        return match ($this->input('way')) {
            'weight' => 'weighed: '.$this->typed('now'),
            'across' => 'measured across: '.$this->typed('across'),
            'cuts' => 'cut since: '.$this->typed('cuts'),
            'count' => 'counted: '.$this->typed('count'),
            default => 'measured with the tape: '.$this->typed('tape'),
        };
    }

    /** What was said of the new roll and its core goes with all rolls of its kind. */
    public function remember(ShelfItem $item): void
    {
        $known = ['weight' => ['newWeight', 'coreWeight'], 'across' => ['newAcross', 'coreAcross']];
        foreach ($known[(string) $this->input('way')] ?? [] as $key) {
            $item->write($key, $this->typed($key));
        }
    }

    /** Squares are taken of it, so it is read finer than what is cut. */
    private function across(string $field): Length
    {
        return LengthText::fine($this->typed($field), app(House::class)->units());
    }

    private function length(string $field): Length
    {
        return LengthText::read($this->typed($field), app(House::class)->units());
    }

    /** @return list<Length> "4 x 19 in, 22 in" */
    private function cuts(): array
    {
        $cuts = (new OnHandBlank('cuts', 'what was cut'))->read($this->typed('cuts'), app(House::class)->units());

        return $cuts === []
            ? throw NotReadable::emptyLength()
            : array_map(fn (OnHand $cut): Length => $cut->length->times($cut->count), $cuts);
    }

    private function typed(string $field): string
    {
        return trim((string) $this->input($field));
    }
}

<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** A weight in hundredths of a gram, as finely as a kitchen scale is read. It is shown as it was written: ounces stay ounces. */
final readonly class Weight
{
    /** Hundredths of a gram in each unit that may be typed; an ounce is 28.349523125 g. */
    private const UNITS = ['kg' => '100000', 'g' => '100', 'oz' => '2834.9523125', 'lb' => '45359.237'];

    private const MOST = 5_000_000;

    /** @param  ?string  $written  in another unit than grams */
    private function __construct(public int $hundredths, private ?string $written = null) {}

    public static function grams(int $grams): self
    {
        return new self($grams * 100);
    }

    /** @throws NotReadable */
    public static function read(string $text): self
    {
        if (preg_match('/^(?<number>\d{1,6}(?:[.,]\d{1,3})?)\s*(?<unit>kg|g|oz|lb)?\.?$/i', trim($text), $found) !== 1) {
            throw NotReadable::weight($text);
        }
        $hundredths = BigRational::of(strtr($found['number'], ',', '.'))
            ->multipliedBy(self::UNITS[strtolower($found['unit'] ?? 'g')])->toScale(0, RoundingMode::HALF_UP)->toBigInteger();

        $unit = strtolower($found['unit'] ?? 'g');
        $number = strtr($found['number'], ',', '.');

        return $hundredths->isGreaterThan(self::MOST)
            ? throw NotReadable::weight($text)
            : new self($hundredths->toInt(), $unit === 'g' ? null : "$number $unit");
    }

    public function shown(): string
    {
        return $this->written ?? LengthText::decimal($this->hundredths, 100, 2).' g';
    }
}

<?php

declare(strict_types=1);

namespace Davrin\Core\Measure;

use Brick\Math\BigRational;

/** What so much of a flat material weighs. It is shown as it was written: what was said of a square foot stays so. */
final readonly class AreaWeight
{
    /** Square inches in each area that may be named; a metre is 1/0.0254 in. */
    private const AREAS = ['a square foot' => '144', 'a square metre' => '1550.0031000062'];

    private const FOOT = '(?<foot>sq(?:uare|\.)?\s*f(?:ee|oo)?t|ft2|ft²)';

    private const METRE = '(?:sq(?:uare|\.)?\s*m(?:et(?:re|er))?|m2|m²)';

    /** @param  string  $area  one of AREAS */
    private function __construct(private Weight $weight, private string $area) {}

    /**
     * Of "10.8 g a square foot", "116 g/m2", or a bare weight.
     *
     * @param  ?Units  $bare  what a bare weight means; null where the area must be named
     *
     * @throws NotReadable
     */
    public static function read(string $text, ?Units $bare): self
    {
        $pattern = '~^(?<weight>.+?)\s*(?:/|an?\s|per\s)\s*(?:'.self::FOOT.'|'.self::METRE.')\.?$~iu';
        $isFound = preg_match($pattern, trim($text), $found) === 1;
        if (! $isFound && $bare === null) {
            throw NotReadable::areaWeight($text);
        }
        $isFoot = $isFound ? ($found['foot'] ?? '') !== '' : $bare === Units::Inches;

        return new self(Weight::read($isFound ? $found['weight'] : $text), array_keys(self::AREAS)[$isFoot ? 0 : 1]);
    }

    /** From a roll that weighs so much without its core. */
    public static function ofRoll(int $hundredths, Length $long, Length $wide): self
    {
        $inches = $long->toInches() * $wide->toInches();

        return self::read(LengthText::decimal((int) round($hundredths * 144 / $inches), 100, 2).' g', Units::Inches);
    }

    public function shown(): string
    {
        return "{$this->weight->shown()} $this->area";
    }

    /** Hundredths of a gram of so many square inches, exact. */
    public function of(BigRational $squareInches): BigRational
    {
        return $squareInches->multipliedBy($this->weight->hundredths)->dividedBy(self::AREAS[$this->area]);
    }
}

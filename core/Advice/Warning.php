<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Closure;
use Davrin\Core\Result\Advice;
use Davrin\Core\Result\Remedy;

/** What a rule found in a result, and what it proposes. Proposals are looked for only when they are asked for. */
final readonly class Warning
{
    /** Rules of which one can turn into another: that is no cure. */
    private const FAMILIES = [
        'short' => 'rolls', 'at-risk' => 'rolls', 'every-inch' => 'rolls',
        'thin' => 'fullness', 'very-full' => 'fullness',
    ];

    /** Rules that tell of something better rather than of something wrong: what they propose is better by itself. */
    private const BETTER = [LastRollGivesLittle::RULE, StrandsCouldEndSooner::RULE, BehindTheSign::RULE];

    /**
     * @param  string  $about  the address of the sentence that causes it
     * @param  list<string>  $materials  it is about, by id; none where it is not about a material
     * @param  list<int>  $ties
     * @param  Closure(): iterable<Proposal>  $proposals
     * @param  string  $otherwise  what is said where nothing that is proposed mends it
     * @param  array<string, list<int>>  $rolls  the numbers of the rolls it means, by material, where it means certain ones
     */
    public function __construct(
        public string $rule,
        public string $about,
        public array $materials,
        public string $title,
        public string $sentence,
        public array $ties,
        public Closure $proposals,
        public string $otherwise = '',
        public array $rolls = [],
    ) {}

    /**
     * @param  list<Remedy>  $remedies
     * @param  bool  $areAll  whether nothing was left out of them
     */
    public function advice(array $remedies, bool $areAll): Advice
    {
        $sentence = $this->sentence.($remedies === [] && $areAll && $this->otherwise !== '' ? " $this->otherwise" : '');

        return new Advice($this->rule, $this->about, $this->materials, $this->title, $sentence, $this->ties, $remedies, $this->rolls);
    }

    /**
     * Whether the difference a remedy makes says so by itself, by the verdict of a material or the fullness.
     */
    public function isToldByFigures(): bool
    {
        return isset(self::FAMILIES[$this->rule]);
    }

    /**
     * What has to be gone once it is mended, as keys: its family of rules, with each material it is about, or else with what it
     * stands under. None where nothing was wrong.
     *
     * @return list<string>
     */
    public function keys(): array
    {
        if (in_array($this->rule, self::BETTER, true)) {
            return [];
        }
        $family = self::FAMILIES[$this->rule] ?? $this->rule;

        return match ($family) {
            'fullness' => [$family],
            'rolls' => array_map(fn (string $material): string => "$family $material", $this->materials) ?: [$family],
            default => ["$family $this->about"],
        };
    }
}

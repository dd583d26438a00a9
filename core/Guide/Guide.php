<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Demand\BuildStep;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\CountedPart;
use Davrin\Core\Part\CuttingWay;
use Davrin\Core\Part\GuideWords;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\Part;
use Davrin\Core\Part\PartKind;
use Davrin\Core\Plan\Plan;
use LogicException;

/** All pages of the guide: one for each kind of part, each layout of ties, each way of cutting, each way of finishing and each tool. */
final readonly class Guide
{
    /** @var array<string, GuidePage> by key, chapter by chapter, with lengths in the maker's own units */
    public array $pages;

    /** @param  array<string, GuidePage>  $written  with lengths as they are written, in both */
    private function __construct(private array $written, Units $units)
    {
        $this->pages = array_map(fn (GuidePage $page): GuidePage => $page->told($units), $written);
    }

    public static function of(Craft $craft): self
    {
        $pages = array_fill_keys(array_column(Chapter::cases(), 'value'), []);
        foreach ($craft->parts as $key => $kind) {
            $chapter = self::chapter($kind);
            $pages[$chapter->value][$key] = GuideText::read(GuideWords::file($kind))->page(
                $key,
                $chapter,
                ucfirst((string) preg_replace('/^an? /', '', $kind->name())),
                $kind->cautions(),
            );
        }
        foreach ($craft->layouts as $key => $layout) {
            $file = Chapter::Ties->folder()."/$key.txt";
            is_file($file) || throw new LogicException("The layout \"$key\" has no page in the guide: write it in $file.");
            $pages[Chapter::Ties->value][$key] = GuideText::read($file)->page($key, Chapter::Ties, ucfirst($layout->name()), []);
        }
        foreach ([Chapter::Cutting, Chapter::Finishing, Chapter::Tools] as $chapter) {
            foreach (glob($chapter->folder().'/*.txt') ?: [] as $file) {
                $key = basename($file, '.txt');
                $pages[$chapter->value][$key] = GuideText::read($file)->page($key, $chapter, null, []);
            }
        }

        return new self(array_merge(...array_values($pages)), Units::Inches);
    }

    public function measuredIn(Units $units): self
    {
        return $units === Units::Inches ? $this : new self($this->written, $units);
    }

    /** @return list<GuidePage> */
    public function in(Chapter $chapter): array
    {
        return array_values(array_filter($this->pages, fn (GuidePage $page): bool => $page->chapter === $chapter));
    }

    /** @return list<GuidePage> those that answer a search, the best first */
    public function sought(string $words): array
    {
        $found = array_filter($this->pages, fn (GuidePage $page): bool => $page->answers($words) > 0);
        uasort($found, fn (GuidePage $a, GuidePage $b): int => $b->answers($words) <=> $a->answers($words));

        return array_values($found);
    }

    /** The page that shows how a step of the work is done, by key; null where none does. */
    public function forStep(Plan $plan, BuildStep $step): ?string
    {
        [$what, $id] = [...explode('.', $step->key), ''];
        $part = array_column($plan->parts, null, 'id')[$id] ?? null;
        $key = match ($what) {
            'ties' => (array_column($plan->ties->groups, null, 'id')[$id] ?? null)?->layout->key(),
            'cut' => $this->forCutting($plan, $id),
            'ends' => 'dovetail',
            'frays', 'dip' => 'heat-cutter',
            'fluffing' => 'fluffing',
            'stems' => 'stem-ends',
            'hanger' => 'hanger',
            'back' => $plan->finish->isOpen() ? 'open-back' : 'covered-back',
            default => $part?->kind->key(),
        };

        return isset($this->pages[$key ?? '']) ? $key : null;
    }

    private function forCutting(Plan $plan, string $material): string
    {
        $wound = array_column($plan->wound(), null, 'id')[$material] ?? null;
        $ways = array_map(
            fn (Part $part): string => $part->on->slip->has(CuttingWay::KEY) ? $part->on->slip->text(CuttingWay::KEY) : '',
            $wound === null ? [] : $plan->partsOf($wound),
        );

        return match (true) {
            in_array(CuttingWay::Board->value, $ways, true) => 'board',
            in_array(CuttingWay::FanFold->value, $ways, true) => 'fan-fold',
            in_array(CuttingWay::OneByOne->value, $ways, true) => 'one-by-one',
            default => 'mesh-from-the-roll',
        };
    }

    private static function chapter(PartKind $kind): Chapter
    {
        return match (true) {
            $kind instanceof OwnWork, $kind instanceof CountedPart => Chapter::Centre,
            $kind instanceof Bow && $kind->anchor() instanceof AtSpot => Chapter::Bows,
            in_array(Ribbon::KEY, $kind->materials()->wound ?? [], true), $kind instanceof Bow => Chapter::Ribbon,
            $kind->materials()->goods !== null => Chapter::Centre,
            default => Chapter::Mesh,
        };
    }
}

<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Material\Kind\Ribbon;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\CountedPart;
use Davrin\Core\Part\GuideWords;
use Davrin\Core\Part\OwnWork;
use Davrin\Core\Part\PartKind;
use LogicException;

/** All pages of the guide: one for each kind of part, each layout of ties, each way of cutting, each way of finishing and each tool. */
final readonly class Guide
{
    /** @param  array<string, GuidePage>  $pages  by key, chapter by chapter */
    private function __construct(public array $pages) {}

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
        foreach (Chapter::cases() as $chapter) {
            foreach (glob($chapter->folder().'/*.txt') ?: [] as $file) {
                $key = basename($file, '.txt');
                $title = $chapter === Chapter::Ties ? ucfirst($craft->layouts[$key]->name()) : null;
                $pages[$chapter->value][$key] = GuideText::read($file)->page($key, $chapter, $title, []);
            }
        }
        foreach ($craft->layouts as $key => $layout) {
            isset($pages[Chapter::Ties->value][$key]) || throw new LogicException("The layout \"$key\" has no page in the guide.");
        }

        return new self(array_merge(...array_values($pages)));
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

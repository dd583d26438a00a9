<?php

declare(strict_types=1);

namespace Davrin\Core\Guide;

use Davrin\Core\Demand\Caution;
use LogicException;

/**
 * Reads the words of a page: a line each, "is: ...", "step flat 20 10: ...". Steps and the one that went wrong say between the word and the
 * colon what is drawn. "shows" is a step whose drawing also stands for the page in a list.
 */
final readonly class GuideText
{
    private const ONCE = ['title', 'is', 'not', 'twist', 'mend'];

    private const LISTS = ['called', 'usual', 'caution'];

    /**
     * @param  array<string, string>  $once
     * @param  array<string, list<string>>  $lists
     * @param  list<GuideStep>  $steps
     * @param  ?GuideStep  $shows  the one of them that stands for the page
     */
    private function __construct(
        private string $file,
        private array $once,
        private array $lists,
        private array $steps,
        private ?GuideStep $shows,
        private ?GuideStep $wrong,
    ) {}

    /** @throws LogicException where a line is none of these */
    public static function read(string $file): self
    {
        [$once, $lists, $steps, $shows, $wrong] = [[], [], [], null, null];
        foreach (file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if (preg_match('/^(?<word>[a-z]+)(?: (?<drawn>[^:]+))?: (?<says>.+)$/', $line, $found) !== 1) {
                throw new LogicException("$file: \"$line\" is no line of a page.");
            }
            [$word, $drawn, $says] = [$found['word'], trim($found['drawn']), trim($found['says'])];
            match (true) {
                $word === 'step' => $steps[] = new GuideStep($drawn, $says),
                $word === 'shows' && $shows === null => $steps[] = $shows = new GuideStep($drawn, $says),
                $word === 'wrong' => $wrong = new GuideStep($drawn, $says),
                in_array($word, self::ONCE, true) && ! isset($once[$word]) => $once[$word] = $says,
                in_array($word, self::LISTS, true) => $lists[$word][] = $says,
                default => throw new LogicException("$file: \"$word\" says nothing, or stands twice."),
            };
        }

        return new self($file, $once, $lists, $steps, $shows, $wrong);
    }

    /** @return list<string> what it is, and when to choose something else */
    public function paragraphs(): array
    {
        return [$this->said('is'), $this->said('not')];
    }

    /**
     * @param  ?string  $title  where it has none of its own
     * @param  list<Caution>  $cautions  beside its own
     */
    public function page(string $key, Chapter $chapter, ?string $title, array $cautions): GuidePage
    {
        $own = array_map(fn (string $its): Caution => Caution::from($its), $this->lists['caution'] ?? []);

        return new GuidePage(
            $key,
            $chapter,
            $this->once['title'] ?? $title ?? $this->said('title'),
            $this->said('is'),
            $this->said('not'),
            array_merge(...array_map(fn (string $its): array => explode(', ', $its), $this->lists['called'] ?? [])),
            $this->lists['usual'] ?? [],
            $this->once['twist'] ?? null,
            $this->steps === [] ? throw new LogicException("$this->file shows no steps.") : $this->steps,
            $this->shows?->drawn,
            $this->wrong ?? throw new LogicException("$this->file shows nothing that went wrong."),
            $this->said('mend'),
            array_values(array_unique([...$cautions, ...$own], SORT_REGULAR)),
        );
    }

    private function said(string $word): string
    {
        return $this->once[$word] ?? throw new LogicException("$this->file does not say \"$word\".");
    }
}

<?php

namespace App\Editor;

use Illuminate\Http\Request;
use Illuminate\Support\HtmlString;

/**
 * The editor in regions. Each bears the mark of all that it was drawn from; a page that asks for a change says which marks it shows, and
 * what would come out the same again is neither drawn nor sent, but left where it stands.
 */
final readonly class Regions
{
    /** The header in which a page says what it shows: one mark after another. */
    public const HEADER = 'X-Davrin-Shown';

    private const LENGTH = 10;

    /**
     * @param  array<string, mixed>  $shared  what all regions are drawn with, and no mark tells of: which plan it is, where forms are sent
     * @param  array<string, true>  $shown
     * @param  bool  $isMarked  whether what is drawn may be left standing next time
     */
    private function __construct(private array $shared, private array $shown, private bool $isMarked) {}

    /** @param  array<string, mixed>  $shared */
    public static function shownBy(Request $request, array $shared): self
    {
        $marks = $request->headers->get(self::HEADER) ?? '';

        return new self($shared, array_fill_keys(str_split($marks, self::LENGTH), true), true);
    }

    /**
     * Where something is refused, what was typed stands in its blanks: all is drawn, and drawn again next time.
     *
     * @param  array<string, mixed>  $shared
     */
    public static function all(array $shared): self
    {
        return new self($shared, [], false);
    }

    /**
     * One region, or what stands for it where it is shown already. Its view prints $region in its outermost tag.
     *
     * @param  array<string, mixed>  $from  all that it is drawn from
     */
    public function of(string $tag, string $id, string $view, array $from): HtmlString
    {
        $mark = substr(hash('xxh3', $id.$view.serialize($from)), 0, self::LENGTH);
        if (isset($this->shown[$mark])) {
            return new HtmlString("<$tag id=\"$id\" data-same></$tag>");
        }
        $region = new HtmlString("id=\"$id\"".($this->isMarked ? " data-mark=\"$mark\"" : ''));

        return new HtmlString(view($view, $from + $this->shared + ['region' => $region])->render());
    }
}

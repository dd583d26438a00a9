<?php

namespace App\Settings;

use Davrin\Core\Learned\LearnedFigures;
use Illuminate\Support\Facades\DB;

/** What the house has learned so far: every plan that is not held, cut or built yet is worked with it. */
final class LearnedNow
{
    private const KEY = 'learned';

    /** Nothing was learned yet. */
    private const NOTHING = '[]';

    private ?LearnedFigures $figures = null;

    private ?string $written = null;

    public function figures(): LearnedFigures
    {
        return $this->figures ??= self::read($this->written());
    }

    /** A short mark that changes with what is learned; empty while nothing is. */
    public function mark(): string
    {
        return self::markOf($this->written());
    }

    public static function markOf(string $written): string
    {
        return $written === self::NOTHING ? '' : substr(hash('sha256', $written), 0, 8);
    }

    /** As it is kept: a list as a plan file holds it. */
    public function written(): string
    {
        return $this->written ??= (string) (DB::table('settings')->where('key', self::KEY)->value('value') ?? self::NOTHING);
    }

    public static function read(string $written): LearnedFigures
    {
        return LearnedFigures::read((array) json_decode($written, true, 8, JSON_THROW_ON_ERROR));
    }

    public function keep(LearnedFigures $figures): void
    {
        $written = json_encode($figures->write(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        DB::table('settings')->upsert([['key' => self::KEY, 'value' => $written]], ['key']);
        [$this->figures, $this->written] = [$figures, $written];
    }
}

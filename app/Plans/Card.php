<?php

namespace App\Plans;

use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\SavedPlan;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Engine\Engine;
use Illuminate\Contracts\Cache\Repository;
use PDOException;
use Throwable;

/** What the wall shows of a plan: drawn and worked out once for each of its revisions, and each plan by itself. */
final readonly class Card
{
    private const KEPT_DAYS = 30;

    public function __construct(private Engine $engine, private Repository $cache) {}

    /** As it was drawn before; null where it was not. */
    public function drawn(SavedPlan $saved): ?string
    {
        $card = $this->cache->get($this->key($saved));

        return is_string($card) ? $card : null;
    }

    /** What cannot be drawn says so, and what can be done about it, and stops no other plan. */
    public function draw(SavedPlan $saved, ?Effort $account = null): string
    {
        try {
            $plan = $saved->plan();
            $result = $this->engine->figures($plan, $account);
            $card = view(
                'plans.card',
                ['saved' => $saved, 'result' => $result, 'drawing' => new FormDrawing($plan, $result, Side::Front, prefix: "p$saved->id-")],
            )->render();
        } catch (PDOException $why) {
            throw $why;
        } catch (Throwable $why) {
            report($why);

            return view('plans.card-failed', ['saved' => $saved])->render();
        }
        try {
            $this->cache->put($this->key($saved), $card, now()->addDays(self::KEPT_DAYS));
        } catch (Throwable) {
            // On a full disk it is drawn again next time.
        }

        return $card;
    }

    private function key(SavedPlan $saved): string
    {
        return "card-$saved->id-".md5($saved->revision->document);
    }
}

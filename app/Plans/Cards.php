<?php

namespace App\Plans;

use App\Drawing\FormDrawing;
use App\Drawing\Side;
use App\Models\PlanCard;
use App\Models\PlanRevision;
use App\Models\SavedPlan;
use App\Settings\LearnedNow;
use Davrin\Core\Effort\Effort;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\Result\Result;
use PDOException;
use Throwable;

/** What the wall and the history show of the steps of plans: worked out once, and kept with each step. */
final readonly class Cards
{
    public function __construct(private Engine $engine, private PlanFile $files, private LearnedNow $learned) {}

    /** As it was worked out before, or now; null where it cannot be: that is reported, and stops no other plan. */
    public function of(PlanRevision $step, ?Effort $account = null): ?PlanCard
    {
        if ($step->card?->isCurrent()) {
            return $step->card;
        }
        $worked = $this->worked($step, $account);

        return $worked === null ? null : $this->keep($step, $worked[1]);
    }

    /** Keeps what was worked out of a step for another reason, as its editor does. */
    public function keep(PlanRevision $step, Result $result): PlanCard
    {
        $card = $step->card;
        if (! $card?->isCurrent()) {
            $card = new PlanCard(['revision_id' => $step->id, 'version' => PlanCard::now(), 'told' => self::told($result)]);
            $this->save($card, ['version', 'told', 'picture']);
            $step->setRelation('card', $card);
        }

        return $card;
    }

    /** Its drawing: an SVG document, compressed; null where it cannot be drawn. */
    public function picture(PlanRevision $step): ?string
    {
        $kept = $step->card?->isCurrent() ? PlanCard::query()->whereKey($step->id)->value('picture') : null;
        $worked = is_string($kept) ? null : $this->worked($step);
        if ($worked === null) {
            return $kept;
        }
        $card = $this->keep($step, $worked[1]);
        $drawn = $this->tried(fn (): string => view(
            'plans.picture',
            ['drawing' => new FormDrawing($worked[0], $worked[1], Side::Front), 'result' => $worked[1]],
        )->render());
        if ($drawn === null) {
            return null;
        }
        $card->picture = (string) gzencode($drawn, 6);
        $this->save($card, ['picture']);

        return $card->picture;
    }

    /** @return ?array{Plan, Result} */
    private function worked(PlanRevision $step, ?Effort $account = null): ?array
    {
        return $this->tried(function () use ($step, $account): array {
            $plan = $this->files->reopen($step->document, $this->learned($step));

            return [$plan, $this->engine->figures($plan, $account)];
        });
    }

    /** What was learned by now; where a plan stands at that step and is held or cut, by then. */
    private function learned(PlanRevision $step): LearnedFigures
    {
        $kept = SavedPlan::query()->where('revision_id', $step->id)->value('kept_learned');

        return is_string($kept) ? LearnedNow::read($kept) : $this->learned->figures();
    }

    /** @param  list<string>  $changed  what is written anew where the step has a card already */
    private function save(PlanCard $card, array $changed): void
    {
        try {
            PlanCard::query()->upsert([$card->getAttributes() + ['picture' => null]], ['revision_id'], $changed);
        } catch (PDOException $why) {
            // On a full disk it is worked out again next time.
            report($why);
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return ?T
     */
    private function tried(callable $work): mixed
    {
        try {
            return $work();
        } catch (PDOException $why) {
            throw $why;
        } catch (Throwable $why) {
            report($why);

            return null;
        }
    }

    /** @return array{name: string, figures: list<string>, cost: string, verdict: ?string, isShort: bool, seen: string} */
    private static function told(Result $result): array
    {
        $tally = $result->tally;

        return [
            'name' => $result->name,
            'figures' => [
                $tally->ties->said(),
                $result->parts === [] ? 'no mesh yet' : $tally->elements->said(),
                $tally->rolls->said().', '.$tally->left->shown.' left',
                $tally->across->shown.($result->form->frame->round() ? ' across' : ''),
            ],
            'cost' => $tally->cost->shown,
            'verdict' => $result->verdict->isGood() ? null : $result->verdict->words(),
            'isShort' => $result->verdict->short,
            'seen' => FormDrawing::wordsOf($result, Side::Front),
        ];
    }
}

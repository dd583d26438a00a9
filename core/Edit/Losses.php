<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Plan\Plan;

/** What of a plan did not fit any more once its form or a kind was changed, in words. */
final class Losses
{
    /**
     * @param  list<string>  $meant  addresses of the blanks that were changed on purpose
     * @return list<string>
     */
    public static function between(Plan $before, Plan $after, array $meant): array
    {
        $lost = [];
        foreach ($before->slips() as $address => $old) {
            $new = $after->slips()[$address] ?? null;
            // A changed form says for itself what it is now; what stood on it does not.
            if ($new === null || $address === 'form') {
                continue;
            }
            foreach (array_keys($old->write()) as $key) {
                $isTheSame = $new->has($key) && $new->write()[$key] === $old->write()[$key];
                // What nobody wrote is not lost; how the form is tied is told all the same.
                if ($isTheSame || ($key !== 'layout' && $old->isUsual($key)) || in_array("$address.$key", $meant, true)) {
                    continue;
                }
                $was = sprintf(
                    '%s%s was %s',
                    self::whose($before, $address),
                    rtrim($old->blanks[$key]->label(), ','),
                    $old->show($key, $before->units()),
                );
                $lost[] = $new->has($key) ? sprintf('%s, is %s', $was, $new->show($key, $after->units())) : $was;
            }
        }

        return $lost;
    }

    /** Which of several parts or layouts it is that lost something: "the ruffles of Gold mesh: ". */
    private static function whose(Plan $plan, string $address): string
    {
        foreach ($plan->parts as $part) {
            if ($address === "parts.$part->id") {
                return PartWords::named($part).': ';
            }
        }
        foreach (count($plan->ties->groups) > 1 ? $plan->ties->groups : [] as $index => $group) {
            if ($address === "ties.$group->id") {
                return sprintf('layout %d: ', $index + 1);
            }
        }

        return '';
    }
}

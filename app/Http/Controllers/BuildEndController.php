<?php

namespace App\Http\Controllers;

use App\Bench\BuildRecord;
use App\Bench\FinishBuild;
use App\Models\Build;
use Davrin\Core\Bench\BenchPiece;
use Davrin\Core\Bench\FinalCheck;
use Davrin\Core\Bench\FinalLook;
use Davrin\Core\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The end of a build: it is looked over, called finished, and written down. */
final class BuildEndController
{
    public function check(Build $build): View
    {
        return view('bench.check', ['build' => $build, 'looks' => $this->looks($build), 'record' => BuildRecord::of($build)]);
    }

    public function answer(Request $request, Build $build): RedirectResponse
    {
        $key = (string) $request->string('look');
        $isThere = array_filter($this->looks($build), fn (FinalLook $look): bool => $look->key === $key) !== [];
        if ($isThere) {
            DB::transaction(function () use ($request, $build, $key): void {
                $build->refresh()->mustBeUnderWay();
                $build->update(['checked' => match ((string) $request->string('answer')) {
                    'well' => [...$build->checked, $key => true],
                    'not' => [...$build->checked, $key => false],
                    default => array_diff_key($build->checked, [$key => 1]),
                }]);
            });
        }

        return redirect()->to(route('builds.check', $build).'#look-'.strtr($key, '/', '-'));
    }

    public function finish(Request $request, Build $build): RedirectResponse
    {
        $open = DB::transaction(function () use ($request, $build): string {
            $open = $request->boolean('all_the_same') || $build->refresh()->isFinished() ? '' : $this->open($build);
            if ($open === '') {
                FinishBuild::of($build);
            }

            return $open;
        });

        return $open === ''
            ? redirect()->route('builds.record', $build)
            : redirect()->route('builds.check', $build)->with('notAll', $open);
    }

    /** What is not done or not answered yet, in words; empty where all is. */
    private function open(Build $build): string
    {
        $open = array_filter($this->looks($build), fn (FinalLook $look): bool => ($build->checked[$look->key] ?? null) !== true);
        $record = BuildRecord::of($build);

        return Words::list(array_values(array_filter([
            $record->done < $record->of ? Words::count($record->of - $record->done, 'step').' not done' : '',
            $open !== [] ? Words::count(count($open), 'question').' not answered with yes' : '',
        ])));
    }

    public function reopen(Build $build): RedirectResponse
    {
        FinishBuild::reopen($build);

        return redirect()->route('builds.show', $build);
    }

    public function record(Build $build): View
    {
        return view('bench.record', ['build' => $build, 'record' => BuildRecord::of($build)]);
    }

    /** @return list<FinalLook> of all pieces of work */
    private function looks(Build $build): array
    {
        return array_merge(...array_map(fn (BenchPiece $piece): array => FinalCheck::of($piece)->looks, $build->pieces()));
    }
}

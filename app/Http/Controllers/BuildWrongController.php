<?php

namespace App\Http\Controllers;

use App\Bench\TakeWay;
use App\Bench\WrongPage;
use App\Blanks\Typed;
use App\Models\Build;
use Davrin\Core\Bench\Trouble\Stopped;
use Davrin\Core\Words\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Something went wrong at the bench: what it was, and what is done about it. */
final class BuildWrongController
{
    public function show(Request $request, Build $build): Response
    {
        $page = WrongPage::of(
            $build,
            $this->text($request, 'at'),
            $this->text($request, 'trouble'),
            Typed::of((array) $request->input('set')),
        );

        return response()->view('bench.wrong', ['page' => $page], $page->problem === null ? 200 : 422);
    }

    public function take(Request $request, Build $build): RedirectResponse
    {
        $trouble = (string) $this->text($request, 'trouble');
        try {
            $words = TakeWay::of(
                $build,
                $trouble,
                (string) $this->text($request, 'way'),
                $request->integer('version'),
                $this->text($request, 'at'),
                Typed::of((array) $request->input('set')),
            );
        } catch (Refused $why) {
            return redirect()->route('builds.wrong', ['build' => $build, 'at' => $this->text($request, 'at'), 'trouble' => $trouble])
                ->with('refused', $why->getMessage());
        }

        return $trouble === Stopped::KEY
            ? redirect()->route('builds.index')->with('said', "{$build->plan->name} is as you left it. Good night.")
            : redirect()->route('builds.show', $build)->with('said', ucfirst($words).'.');
    }

    private function text(Request $request, string $key): ?string
    {
        $text = trim((string) $request->string($key));

        return $text === '' ? null : mb_substr($text, 0, 200);
    }
}

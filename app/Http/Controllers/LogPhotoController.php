<?php

namespace App\Http\Controllers;

use App\Models\LogEntry;
use App\Models\LogPhoto;
use App\Photos\CleanPhoto;
use App\Photos\PhotoRefused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Photographs of a finished piece. */
final class LogPhotoController
{
    public function store(Request $request, LogEntry $entry): RedirectResponse
    {
        $alt = $this->alt($request);
        $file = $request->file('photograph');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return $this->refused($entry, $alt, $request->hasFile('photograph') || $file !== null
                ? PhotoRefused::tooLarge(CleanPhoto::MOST_BYTES)->getMessage()
                : 'No photograph was chosen. Choose one first.');
        }
        try {
            $photo = CleanPhoto::of((string) file_get_contents($file->getPathname(), length: CleanPhoto::MOST_BYTES + 1));
        } catch (PhotoRefused $refused) {
            return $this->refused($entry, $alt, $refused->getMessage());
        }
        $isKept = DB::transaction(fn (): bool => $entry->photos()->count() < LogPhoto::MOST && $entry->photos()->create([
            'jpeg' => $photo->jpeg, 'wide' => $photo->wide, 'high' => $photo->high, 'alt' => $alt,
        ])->exists);

        return $isKept
            ? redirect()->to(route('log.show', $entry).'#photographs')
            : $this->refused($entry, $alt, sprintf('An entry keeps up to %d photographs. Take one away first.', LogPhoto::MOST));
    }

    public function update(Request $request, LogEntry $entry, LogPhoto $photo): RedirectResponse
    {
        $photo->update(['alt' => $this->alt($request)]);

        return redirect()->to(route('log.show', $entry).'#photographs');
    }

    public function show(LogEntry $entry, LogPhoto $photo): Response
    {
        return response($photo->jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public function destroy(LogEntry $entry, LogPhoto $photo): RedirectResponse
    {
        $photo->delete();

        return redirect()->to(route('log.show', $entry).'#photographs');
    }

    private function refused(LogEntry $entry, string $alt, string $why): RedirectResponse
    {
        return redirect()->to(route('log.show', $entry).'#photographs')->withErrors(['photograph' => $why])->withInput(['alt' => $alt]);
    }

    private function alt(Request $request): string
    {
        return mb_substr(trim((string) $request->string('alt')), 0, LogPhoto::LONGEST_ALT);
    }
}

<?php

namespace Tests\Feature;

use App\Log\NewEntry;
use App\Models\LogEntry;
use App\Models\LogPhoto;
use App\Photos\CleanPhoto;
use App\Photos\PhotoRefused;
use GdImage;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** Photographs of a finished piece: whatever kind of file it was, what is kept is a small JPEG of its pixels and nothing else. */
final class LogPhotosTest extends FeatureCase
{
    /** How a camera was held (EXIF orientation), and how wide and high the picture stands then. */
    #[TestWith([1, 90, 60, 'red'])]
    #[TestWith([3, 90, 60, 'blue'])]
    #[TestWith([6, 60, 90, 'red'])]
    #[TestWith([8, 60, 90, 'blue'])]
    public function test_it_stands_upright_however_the_camera_was_held(int $orientation, int $wide, int $high, string $topLeft): void
    {
        // Red on the left, blue on the right.
        $image = imagecreatetruecolor(90, 60);
        imagefilledrectangle($image, 0, 0, 44, 59, (int) imagecolorallocate($image, 220, 20, 20));
        imagefilledrectangle($image, 45, 0, 89, 59, (int) imagecolorallocate($image, 20, 20, 220));
        $photo = $this->kept($this->withExif($this->bytes($image, 'imagejpeg'), $orientation));
        $this->assertSame([$wide, $high], [$photo->wide, $photo->high]);
        $seen = imagecreatefromstring($photo->jpeg);
        // Turned clockwise by 90 degrees the left half is above; the corner tells which way it was.
        $corner = imagecolorsforindex($seen, (int) imagecolorat($seen, 3, 3));
        $this->assertSame($topLeft, $corner['red'] > $corner['blue'] ? 'red' : 'blue');
    }

    public function test_where_it_was_taken_is_left_out(): void
    {
        $bytes = $this->withExif($this->bytes(imagecreatetruecolor(40, 30), 'imagejpeg'), 1, 'GPS 48.1371 11.5754');
        $this->assertStringContainsString('GPS 48.1371', $bytes);
        $photo = $this->kept($bytes);
        $this->assertStringNotContainsString('GPS', $photo->jpeg);
        $this->assertStringNotContainsString('Exif', $photo->jpeg);
        $this->assertFalse(@exif_read_data('data://image/jpeg;base64,'.base64_encode($photo->jpeg))['GPSLatitude'] ?? false);
    }

    #[TestWith(['imagepng'])]
    #[TestWith(['imagewebp'])]
    #[TestWith(['imagejpeg'])]
    public function test_each_kind_becomes_a_jpeg_whatever_the_file_is_called(string $kind): void
    {
        $photo = $this->kept($this->bytes(imagecreatetruecolor(1200, 300), $kind), 'wreath.txt');
        $this->assertSame([900, 225], [$photo->wide, $photo->high]);
        $this->assertSame("\xFF\xD8\xFF", substr($photo->jpeg, 0, 3));
        $answer = $this->get($photo->url())->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->assertSame($photo->jpeg, $answer->getContent());
        $this->assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
    }

    public function test_what_is_seen_through_lies_on_white(): void
    {
        $image = imagecreatetruecolor(20, 20);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
        $seen = imagecreatefromstring($this->kept($this->bytes($image, 'imagepng'))->jpeg);
        $this->assertGreaterThan(250, imagecolorsforindex($seen, (int) imagecolorat($seen, 10, 10))['red']);
    }

    public function test_a_script_behind_the_pixels_is_not_kept(): void
    {
        $png = $this->bytes(imagecreatetruecolor(30, 30), 'imagepng').'<?php system($_GET["c"]); ?><script>alert(1)</script>';
        $jpeg = $this->kept($png)->jpeg;
        $this->assertStringNotContainsString('script', $jpeg);
        $this->assertStringNotContainsString('<?php', $jpeg);
    }

    /** A progressive JPEG has ten scans or so; one of 200 would be read for seconds. */
    public function test_a_jpeg_of_many_scans_is_refused_before_it_is_read_and_an_ordinary_one_is_not(): void
    {
        $image = imagecreatetruecolor(400, 300);
        imageinterlace($image, true);
        $progressive = $this->bytes($image, 'imagejpeg');
        $this->assertGreaterThan(3, substr_count($progressive, "\xFF\xDA"));
        $this->assertSame(400, $this->kept($progressive)->wide);
        // The last scan, again and again.
        $scan = substr($progressive, (int) strrpos($progressive, "\xFF\xDA"), -2);
        $many = substr($progressive, 0, -2).str_repeat($scan, 200)."\xFF\xD9";
        // What looks like scans in a segment or behind the end is none: cameras put films there.
        $looksLikeScans = str_repeat("\xFF\xDA\x00\x08", 500);
        $comment = "\xFF\xFE".pack('n', 2 + strlen($looksLikeScans)).$looksLikeScans;
        $film = substr($progressive, 0, 2).$comment.substr($progressive, 2).$looksLikeScans;
        $this->assertSame(400, $this->kept($film)->wide);
        foreach ([1, 2, 40, 200] as $short) {
            try {
                CleanPhoto::of(substr($progressive, 0, -$short));
                $this->fail("cut off by $short bytes");
            } catch (PhotoRefused $why) {
                $this->assertStringContainsString('damaged', $why->getMessage());
            }
        }
        $this->expectExceptionMessage('more than 40 layers');
        CleanPhoto::of($many);
    }

    /** @param  string  $said  part of the sentence */
    #[TestWith(['', 'no photograph that Davrin can read'])]
    #[TestWith(['GIF89a', 'no photograph that Davrin can read'])]
    #[TestWith(['<html><script>alert(1)</script></html>', 'no photograph that Davrin can read'])]
    #[TestWith(["\xFF\xD8\xFF\xE0", 'no photograph that Davrin can read'])]
    #[TestWith(["\x89PNG\r\n\x1A\n\0\0\0\rIHDR\0\0\xFF\xFF\0\0\xFF\xFF\x08\x02\0\0\0", '65535'])]
    public function test_what_is_none_is_said(string $bytes, string $said): void
    {
        $entry = $this->entry();
        $this->send($entry, $bytes)->assertSessionHasErrors('photograph');
        $this->assertStringContainsString($said, session('errors')->first('photograph'));
        $this->get("/log/$entry->id")->assertOk();
        $this->assertSame(0, LogPhoto::query()->count());
    }

    public function test_without_a_file_its_words_stay(): void
    {
        $entry = $this->entry();
        $this->post("/log/$entry->id/photos", ['alt' => 'On the gate'])->assertSessionHasErrors('photograph');
        $this->assertSame('On the gate', session()->getOldInput('alt'));
        $this->post("/log/$entry->id/photos", ['photograph' => 'no file', 'alt' => ['x']])->assertSessionHasErrors('photograph');
    }

    public function test_words_for_it_are_kept_short_and_without_any_the_piece_is_named(): void
    {
        $entry = $this->entry();
        $this->send($entry, $this->bytes(imagecreatetruecolor(20, 20), 'imagejpeg'), alt: str_repeat('long ', 80));
        $photo = LogPhoto::query()->sole();
        $this->assertLessThanOrEqual(LogPhoto::LONGEST_ALT, mb_strlen($photo->alt));
        $this->post("/log/$entry->id/photos/$photo->id", ['alt' => '  ']);
        $this->get('/log')->assertSee("alt=\"$entry->name, a photograph\"", false);
        $this->get("/log/$entry->id")->assertSee("alt=\"$entry->name, a photograph\"", false);
    }

    public function test_each_has_an_entry_of_its_own_and_goes_with_none_other(): void
    {
        [$one, $other] = [$this->entry(), $this->entry()];
        $this->send($one, $this->bytes(imagecreatetruecolor(20, 20), 'imagejpeg'));
        $photo = LogPhoto::query()->sole();
        foreach (['get', 'post', 'delete'] as $method) {
            $path = "/log/$other->id/photos/$photo->id".($method === 'get' ? '.jpg' : '');
            $this->{$method}($path)->assertNotFound();
        }
        $this->delete("/log/$one->id");
        $this->get($photo->url())->assertNotFound();
        $this->post("/log/$one->id/restore");
        $this->get($photo->url())->assertOk();
    }

    private function entry(): LogEntry
    {
        return NewEntry::byHand($this->hang(), '2026-03-08');
    }

    private function kept(string $bytes, string $name = 'door.jpg'): LogPhoto
    {
        $this->send($this->entry(), $bytes, $name)->assertSessionHasNoErrors();

        return LogPhoto::query()->latest('id')->firstOrFail();
    }

    private function send(LogEntry $entry, string $bytes, string $name = 'door.jpg', string $alt = 'A door'): TestResponse
    {
        return $this->post("/log/$entry->id/photos", ['photograph' => UploadedFile::fake()->createWithContent($name, $bytes), 'alt' => $alt]);
    }

    private function bytes(GdImage $image, string $with): string
    {
        ob_start();
        $with($image);

        return (string) ob_get_clean();
    }

    /** A JPEG with how the camera was held and what it wrote beside that. */
    private function withExif(string $jpeg, int $orientation, string $description = 'made'): string
    {
        $text = "$description\0";
        // Two entries: the description behind the directory, the orientation in place.
        $tiff = "II*\0".pack('V', 8).pack('v', 2)
            .pack('vvVV', 0x010E, 2, strlen($text), 8 + 2 + 24 + 4)
            .pack('vvVV', 0x0112, 3, 1, $orientation)
            .pack('V', 0).$text;
        $segment = "Exif\0\0$tiff";

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2);
    }
}

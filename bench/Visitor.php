<?php

/** Asks for pages as a browser with script does: what it is shown it says, and what it is sent it unpacks. */
final class Visitor
{
    private CurlHandle $curl;

    /** Of the last answer: milliseconds, and bytes on the wire. */
    public float $took = 0.0;

    public int $bytes = 0;

    /** @var array<string, array{path: string, page: string, marks: array<string, string>, turn: int}> plans that are edited, by name */
    private array $plans = [];

    public function __construct(private readonly string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_ENCODING => 'gzip']);
    }

    /** @param  ?array<string, mixed>  $post */
    public function ask(string $path, ?array $post = null, string $shown = '', bool $live = true): string
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->base.$path,
            CURLOPT_HTTPGET => $post === null,
            CURLOPT_HTTPHEADER => $live ? ['HX-Request: true', "X-Davrin-Shown: $shown"] : [],
        ]);
        if ($post !== null) {
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($post)]);
        }
        $start = hrtime(true);
        $body = (string) curl_exec($this->curl);
        [$this->took, $this->bytes] = [(hrtime(true) - $start) / 1e6, (int) curl_getinfo($this->curl, CURLINFO_SIZE_DOWNLOAD_T)];
        $code = curl_getinfo($this->curl, CURLINFO_HTTP_CODE);

        return $code === 200 ? $body : throw new RuntimeException("$path answered $code.");
    }

    /**
     * Writes one of two lengths in turn in a blank of a plan.
     *
     * @param  array{string, string}  $written
     */
    public function edit(string $wall, string $name, string $address, array $written): void
    {
        $plan = $this->plans[$name] ?? $this->opened($wall, $name);
        $page = $this->ask("$plan[path]/edits", [
            '_token' => self::field('_token', $plan['page']),
            'revision' => self::field('revision', $plan['page']),
            'set' => [$address => $written[$plan['turn'] % 2]],
        ], implode($plan['marks']));
        $this->plans[$name] = ['page' => $page, 'marks' => self::marks($page) + $plan['marks'], 'turn' => $plan['turn'] + 1] + $plan;
    }

    /** @return array{path: string, page: string, marks: array<string, string>, turn: int} */
    private function opened(string $wall, string $name): array
    {
        preg_match("~/plans/\d+(?=\"[^>]*>$name)~", $wall, $found) === 1 || throw new RuntimeException("The demo has no $name.");
        $page = $this->ask($found[0]);

        return ['path' => $found[0], 'page' => $page, 'marks' => self::marks($page), 'turn' => 0];
    }

    /** @return array<string, string> of the regions that came, by their id */
    private static function marks(string $page): array
    {
        preg_match_all('/id="([^"]+)" data-mark="(\w+)"/', $page, $found);

        return array_combine($found[1], $found[2]);
    }

    private static function field(string $name, string $html): string
    {
        return preg_match('/name="'.$name.'" value="([^"]*)"/', $html, $found) === 1
            ? $found[1]
            : throw new RuntimeException("The page has no $name.");
    }
}

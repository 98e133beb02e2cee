<?php

declare(strict_types=1);

/* One client, signed in, that times what it asks for. */

/**
 * @return Closure(string, string, array<string, mixed>|null=): array{float, string} asks by method and path under /api;
 *     milliseconds and the body
 */
function benchClient(): Closure
{
    benchUser();
    $address = (string) config('app.url');
    $curl = curl_init();
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '']);
    $token = '';
    /** @return array{float, string} milliseconds and the body */
    $ask = static function (string $method, string $path, ?array $body = null) use ($curl, $address, &$token): array {
        curl_setopt_array($curl, [
            CURLOPT_URL => "{$address}/api{$path}", CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}"],
        ]);
        $started = hrtime(true);
        $answer = (string) curl_exec($curl);
        $took = (hrtime(true) - $started) / 1e6;
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $cookie) {
            if (str_contains($cookie, 'XSRF-TOKEN')) {
                $token = urldecode((string) array_slice(explode("\t", $cookie), -1)[0]);
            }
        }
        if ($status >= 400) {
            exit("{$method} {$path} answered {$status}: {$answer}\n");
        }

        return [$took, $answer];
    };
    $ask('GET', '/session');
    $ask('POST', '/session', ['email' => BENCH_EMAIL, 'password' => BENCH_PASSWORD]);

    return $ask;
}

/**
 * @param  array<string, list<float>>  $times  milliseconds by what was asked, `empty` among them
 * @param  array<string, int>  $of  what else is to be told of the run
 */
function tellTimes(int $people, array $times, array $of = []): void
{
    $empty = percentile($times['empty'], 0.95);
    $median = percentile($times['empty'], 0.5);
    foreach ($times as $route => $values) {
        told([...$of, 'what' => $route, 'people' => $people, 'times' => count($values), 'p50' => round(percentile($values, 0.5), 1),
            'p95' => round(percentile($values, 0.95), 1),
            'p50 to empty' => round(percentile($values, 0.5) / $median, 2),
            'p95 to empty' => round(percentile($values, 0.95) / $empty, 2)]);
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Words that were pasted from a page: the same address twice is said once, and runs of space are one. */
final class PastedWords
{
    private const ADDRESS = '~https?://[^\s<>()“”"]+[^\s<>()“”".,;:]~u';

    public static function clean(string $pasted): string
    {
        $seen = [];
        $once = (string) preg_replace_callback(self::ADDRESS, static function (array $found) use (&$seen): string {
            $address = rtrim($found[0], '/');
            $isKnown = isset($seen[$address]);
            $seen[$address] = true;

            return $isKnown ? '' : $found[0];
        }, $pasted);
        // What is left of brackets and commas around an address that went.
        $tidy = (string) preg_replace(['/\(\s*(?::\s*)?\)/u', '/\s*[,;:]\s*(?=[,;:.)])/u', '/[^\S\n]+/u'], ['', '', ' '], $once);

        return trim((string) preg_replace('/[\s,;:]+$/u', '', $tidy));
    }
}

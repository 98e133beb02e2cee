<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use NorthBough\Core\Gedcom\In\IdMint;

/**
 * UUIDs of version 7 (RFC 9562, 5.7) for a million rows: the milliseconds, a counter in the bits that the standard
 * leaves free for one (6.2, method 1), random bits after it.
 */
final class UuidMint implements IdMint
{
    private const COUNTERS = 0x1000;

    private const RANDOM_AT_ONCE = 8 * 512;

    private int $millisecond = 0;

    private int $counter = self::COUNTERS;

    private string $random = '';

    public function next(): string
    {
        if ($this->counter >= self::COUNTERS) {
            $this->millisecond = max($this->millisecond + 1, (int) (microtime(true) * 1000));
            $this->counter = 0;
        }
        if ($this->random === '') {
            $this->random = random_bytes(self::RANDOM_AT_ONCE);
        }
        $bits = substr($this->random, -8);
        $this->random = substr($this->random, 0, -8);

        return self::written(sprintf('%012x', $this->millisecond), $this->counter++, $bits);
    }

    public function tied(string $recordId, string $to): string
    {
        $hash = md5("{$recordId} {$to}", true);

        return self::written(substr($recordId, 0, 8).substr($recordId, 9, 4), (ord($hash[0]) << 4) | (ord($hash[1]) >> 4),
            substr($hash, 2, 8));
    }

    private static function written(string $time, int $counter, string $bits): string
    {
        $bits[0] = chr(ord($bits[0]) & 0x3F | 0x80);
        $hex = bin2hex($bits);

        return substr($time, 0, 8).'-'.substr($time, 8).sprintf('-7%03x-', $counter).substr($hex, 0, 4).'-'.substr($hex, 4);
    }
}

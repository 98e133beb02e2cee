<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use NorthBough\Core\Linkage\Doubles\SharedWork;
use RuntimeException;

/**
 * Looks at the first half of a long list of pairs here and at the second in a child of this process, which shares its memory.
 */
final readonly class TwoProcesses implements SharedWork
{
    /** Fewer are done sooner than a child is made. */
    private const MANY = 400000;

    public function over(array $pairs, \Closure $work, \Closure $progress): array
    {
        $file = count($pairs) < self::MANY || ! function_exists('pcntl_fork') ? false : tempnam(sys_get_temp_dir(), 'pairs');
        if ($file === false) {
            return $work($pairs, $progress);
        }
        $half = intdiv(count($pairs), 2);
        [$mine, $theirs] = [array_slice($pairs, 0, $half), array_slice($pairs, $half)];
        $child = pcntl_fork();
        if ($child === 0) {
            file_put_contents($file, json_encode([...$work($theirs, static fn (float $far) => null)]));
            // The child goes without a goodbye: what it would close on its way out, such as the database, is its parent's.
            posix_kill(posix_getpid(), SIGKILL);
        }
        try {
            $found = $work($mine, $progress);
            if ($child < 0) {
                return [...$found, ...$work($theirs, $progress)];
            }
            pcntl_waitpid($child, $status);
            $rest = json_decode((string) file_get_contents($file), true);

            return [...$found, ...array_map(intval(...), array_values(is_array($rest) ? $rest
                : throw new RuntimeException('The second process ended before it was done.')))];
        } finally {
            $child > 0 && posix_kill($child, SIGKILL) && pcntl_waitpid($child, $status, WNOHANG);
            unlink($file);
        }
    }
}

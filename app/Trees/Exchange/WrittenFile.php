<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Counted;

/** A file that was written, and what its version had no place for. */
final readonly class WrittenFile
{
    /** @param  array<string, int>  $moved  lines by tag */
    public function __construct(public string $path, public array $moved)
    {
    }

    /** One sentence; empty where every line has its place. */
    public function sentence(string $version): string
    {
        $count = array_sum($this->moved);
        if ($count === 0) {
            return '';
        }
        $moved = $this->moved;
        arsort($moved);
        $tags = implode(', ',
            array_map(static fn (string $tag, int $lines): string => "{$lines} {$tag}", array_map(strval(...), array_keys($moved)),
                $moved));

        return "Version {$version} has no place for ".Counted::of($count, 'line')." ({$tags}): ".($count === 1 ? 'it' : 'each')
            .' stands under its tag with _NB_ before it, and in a note for whoever reads the file.';
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Row\Owner;

/** How many lines of each kind were kept because there is no field for them, and where each is shown. */
final class KeptLineCount
{
    /** @var array<string, int> by place and tag */
    private array $counts = [];

    /** @param  Owner|null  $owner  what they belong to; null for a record of its own */
    public function note(?Owner $owner, string $path, string $tag): void
    {
        $key = self::shown($owner)."\n".str_replace('/', '.', trim("{$path}/{$tag}", '/'));
        $this->counts[$key] = ($this->counts[$key] ?? 0) + 1;
    }

    /** @return list<array{tag: string, count: int, shown: string}> the most first */
    public function all(): array
    {
        $all = [];
        foreach ($this->counts as $key => $count) {
            [$shown, $tag] = explode("\n", (string) $key);
            $all[] = ['tag' => $tag, 'count' => $count, 'shown' => $shown];
        }
        usort($all, static fn (array $a, array $b): int => [-$a['count'], $a['tag'], $a['shown']] <=> [-$b['count'], $b['tag'],
            $b['shown']]);

        return $all;
    }

    private static function shown(?Owner $owner): string
    {
        return match ($owner) {
            null => 'where it is pointed to, and written back',
            Owner::Event => 'beside the fact',
            Owner::Claim => 'beside the citation, with the fact',
            Owner::Source, Owner::Repository => 'on the page of the source',
            Owner::Note => 'written back with the note',
            default => 'on the page of the person',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Texts;

use App\Models\Text;
use App\Trees\Access\SeenTree;
use App\Trees\Joins\Joined;
use Illuminate\Support\Str;
use NorthBough\Core\Prose\ProseReader;
use NorthBough\Core\Prose\ProseText;

/** A text as one audience may read it: whoever was joined to another since is that other, and nobody is named who is withheld. */
final readonly class StoredText
{
    /** What stands for words about somebody who is withheld. */
    private const WITHHELD = '[living]';

    public function __construct(private Joined $joined)
    {
    }

    /** @return array<string, mixed> its body */
    public function body(Text $row, SeenTree $seen): array
    {
        $today = $this->joined->resolveAll(self::ids($row->body));
        $owners = array_values(array_unique(array_map(static fn (string $id): string => $today[$id] ?? $id, self::ids($row->body))));
        $withheld = array_fill_keys($seen->withheld($owners), true);

        return self::seen($row->body, $today, $withheld, $seen);
    }

    public function text(Text $row, SeenTree $seen): ProseText
    {
        return ProseReader::read($this->body($row, $seen));
    }

    /**
     * @param  array<mixed>  $node
     * @param  array<string, string>  $today  ids by those they had
     * @param  array<string, true>  $withheld
     * @return array<string, mixed>
     */
    private static function seen(array $node, array $today, array $withheld, SeenTree $seen): array
    {
        $isWithheld = false;
        foreach ($node as $name => $value) {
            if (is_string($value) && Str::isUuid($value)) {
                $node[$name] = $today[$value] ?? $value;
                $isWithheld = $isWithheld || (in_array($name, ['owner', 'person', 'of'], true) && isset($withheld[$node[$name]]));
            } elseif (is_array($value)) {
                $node[$name] = self::seen($value, $today, $withheld, $seen);
            } elseif ($name === 'text' && is_string($value)) {
                $node[$name] = $seen->text($value);
            }
        }
        if (is_string($node['told'] ?? null)) {
            $node['told'] = $isWithheld ? self::WITHHELD : $seen->text($node['told']);
        }

        /** @var array<string, mixed> $node */
        return $node;
    }

    /**
     * @param  array<mixed>  $body
     * @return list<string> every id that it names
     */
    private static function ids(array $body): array
    {
        $ids = [];
        array_walk_recursive($body, static function (mixed $value) use (&$ids): void {
            if (is_string($value) && Str::isUuid($value)) {
                $ids[$value] = true;
            }
        });

        return array_map(strval(...), array_keys($ids));
    }
}

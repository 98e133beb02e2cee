<?php

declare(strict_types=1);

namespace App\Http\Texts;

use App\Models\Text;
use App\Trees\Access\SeenTree;
use App\Trees\Joins\Joined;
use NorthBough\Core\Prose\CallsIn;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\FactsToday;
use NorthBough\Core\Prose\PersonCall;
use NorthBough\Core\Prose\ProseReader;
use NorthBough\Core\Prose\ProseText;

/** A text as one audience may read it: whoever was joined to another since is that other, and nobody is named who is withheld. */
final readonly class StoredText
{
    public function __construct(private Joined $joined)
    {
    }

    /**
     * Those that an audience may read: one about somebody who is withheld, or about a couple of whom one is, is not among them.
     *
     * @param  list<Text>  $rows
     * @return list<Text>
     */
    public static function shown(array $rows, SeenTree $seen): array
    {
        $unions = $seen->showsLiving() ? [] : $seen->view->unions(array_values(array_unique(array_filter(array_map(
            static fn (Text $row): ?string => $row->union_id, $rows)))), []);
        $about = static fn (Text $row): array => array_values(array_filter([$row->person_id,
            ...($unions[$row->union_id ?? '']->partnerIds ?? [])]));
        $withheld = $seen->withheld(array_values(array_unique(array_merge([], ...array_map($about, $rows)))));

        return array_values(array_filter($rows, static fn (Text $row): bool => array_intersect($about($row), $withheld) === []));
    }

    /** @return array<string, mixed> its body */
    public function body(Text $row, SeenTree $seen): array
    {
        $body = self::asOfToday($row->body, $this->joined->resolveAll(Joined::idsIn($row->body)));
        if ($seen->showsLiving()) {
            return $body;
        }
        $text = ProseReader::read($body);
        // What the tree as it is seen does not tell, a text that was written from the whole of it tells neither.
        $facts = FactsToday::of($seen->view, $text->parts(FactCall::class));
        $gone = array_filter($text->parts(FactCall::class), static fn (FactCall $call): bool => ! $facts->isThere($call));
        $named = array_map(static fn (PersonCall $call): string => $call->personId, $text->parts(PersonCall::class));
        $withheld = [...array_map(static fn (FactCall $call): string => $call->factId, $gone),
            ...$seen->withheld(array_values(array_unique($named)))];

        $isWithheld = array_fill_keys($withheld, true);
        $body = CallsIn::withholding($body,
            static fn (string $type, array $call): bool => $type !== 'citation' && isset($isWithheld[$call[$type] ?? '']));
        array_walk_recursive($body, static function (mixed &$value, int|string $name) use ($seen): void {
            $value = is_string($value) && in_array($name, ['text', 'told'], true) ? $seen->text($value) : $value;
        });

        /** @var array<string, mixed> $body */
        return $body;
    }

    public function text(Text $row, SeenTree $seen): ProseText
    {
        return ProseReader::read($this->body($row, $seen));
    }

    /**
     * @param  array<mixed>  $node
     * @param  array<string, string>  $today  ids by those they had
     * @return array<string, mixed>
     */
    private static function asOfToday(array $node, array $today): array
    {
        array_walk_recursive($node, static function (mixed &$value) use ($today): void {
            $value = is_string($value) ? $today[$value] ?? $value : $value;
        });

        /** @var array<string, mixed> $node */
        return $node;
    }
}

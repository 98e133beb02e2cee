<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Tree\ParentageKind;

/** A box as it is read aloud: who, when and where, whose parent, of what kind and how far proved, and how well cited. */
final class Aloud
{
    private const BACKING = ['cited' => 'cited', 'partly' => 'cited in part', 'uncited' => 'no source yet'];

    /** @return list<string> one for each box, in their order */
    public static function all(BoxLayout $layout): array
    {
        $byPerson = array_column($layout->boxes, null, 'personId');
        $parentOf = [];
        foreach ($layout->lines as $line) {
            $child = $byPerson[$line->fromId] ?? null;
            $kind = $child === null ? '' : self::adjective($child->mark);
            $parentOf[$line->toId][] = "{$kind}parent of ".($child->fullName ?? 'somebody not drawn').($line->dotted ? ', not proved' : '');
        }

        return array_map(static fn (Box $box): string => implode(', ', array_filter(
            [$box->fullName, ...$box->lines, ...$parentOf[$box->personId] ?? [], self::BACKING[$box->rule] ?? '', $box->footing,
                $box->more],
            static fn (string $words): bool => $words !== '')), $layout->boxes);
    }

    private static function adjective(string $mark): string
    {
        foreach (ParentageKind::cases() as $kind) {
            if ($kind->mark() === $mark) {
                return $kind->adjective();
            }
        }

        return '';
    }
}

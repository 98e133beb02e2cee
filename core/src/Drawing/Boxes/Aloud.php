<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Scene\LineKind;

/** A box as it is read aloud: who, when and where, whose parent, of what kind and how far proved, and how well cited. */
final class Aloud
{
    private const BACKING = ['cited' => 'cited', 'partly' => 'cited in part', 'uncited' => 'no source yet'];

    /** @return list<string> one for each box, in their order */
    public static function all(BoxLayout $layout): array
    {
        $byPerson = array_column($layout->boxes, null, 'personId');
        $kinOf = [];
        foreach ($layout->lines as $line) {
            $other = ($byPerson[$line->fromId] ?? null)->fullName ?? 'somebody not drawn';
            $kinOf[$line->toId][] = match ($line->kind) {
                LineKind::Couple => "partner of {$other}",
                LineKind::Same, LineKind::Axis => '',
                default => "{$line->kind->adjective()}parent of {$other}".($line->dotted ? ', not proved' : ''),
            };
            if ($line->kind === LineKind::Couple) {
                $kinOf[$line->fromId][] = 'partner of '.(($byPerson[$line->toId] ?? null)->fullName ?? 'somebody not drawn');
            }
        }

        return array_map(static fn (Box $box): string => implode(', ', array_filter(
            [$box->fullName, ...$box->lines, ...$kinOf[$box->personId] ?? [], self::BACKING[$box->rule] ?? '', $box->footing, $box->waiting,
                ...array_map(static fn (Stop $stop): string => $stop->words(), $box->stops)],
            static fn (string $words): bool => $words !== '')), $layout->boxes);
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Writing;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** HEAD: who wrote the file and when, and whatever else the head of the file that the tree came from said, in its order. */
final class Head
{
    public static function build(string $kept, string $treeName, Version $version, \DateTimeImmutable $now): Structure
    {
        $ours = self::ours($version, $now);
        if ($kept === '') {
            $kept = "0 HEAD\n1 GEDC\n1 SOUR\n1 DATE\n".($treeName === '' ? '' : Lines::write(new Structure('NOTE', $treeName), Version::V7, 1));
        }
        $before = Lines::restore($kept);
        $head = new Structure('HEAD', $before->payload);
        foreach ($before->children as $child) {
            if ($child->tag === 'GEDC' && self::isOf($child->text('VERS'), $version)) {
                $head->add($child);
            } elseif (isset($ours[$child->tag])) {
                $head->add(self::withRest($ours[$child->tag], $child));
            } elseif ($child->tag !== 'CHAR') {
                $head->add($child);
            }
            unset($ours[$child->tag]);
        }
        foreach ($ours as $missing) {
            $head->add($missing);
        }

        return $head;
    }

    private static function isOf(string $words, Version $version): bool
    {
        return $version === Version::V7 ? preg_match('/^7(\.\d+)*$/', $words) === 1 : $words === $version->headWords();
    }

    /** Ours, and what stood beneath the line that it takes the place of. The writer and its date are ours alone. */
    private static function withRest(Structure $ours, Structure $before): Structure
    {
        foreach (in_array($ours->tag, ['SOUR', 'DATE'], true) ? [] : $before->children as $child) {
            if ($ours->first($child->tag) === null) {
                $ours->add($child);
            }
        }

        return $ours;
    }

    /** @return array<string, Structure> by tag */
    private static function ours(Version $version, \DateTimeImmutable $now): array
    {
        $date = strtoupper($now->format('j').' '.Calendars::gregorian()->monthShort((int) $now->format('n')).' '.$now->format('Y'));
        $gedc = (new Structure('GEDC'))->add(new Structure('VERS', $version->headWords()));
        $ours = [
            'GEDC' => $gedc,
            'SOUR' => (new Structure('SOUR', 'NORTH_BOUGH'))->add(new Structure('NAME', 'North Bough')),
            'DATE' => (new Structure('DATE', $date))->add(new Structure('TIME', $now->format('H:i:s'))),
        ];
        if ($version === Version::V551) {
            $gedc->add(new Structure('FORM', 'LINEAGE-LINKED'));
            $ours['CHAR'] = new Structure('CHAR', 'UTF-8');
        }

        return $ours;
    }
}

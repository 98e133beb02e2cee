<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** HEAD: who wrote the file and when, and whatever else the head of the file that the tree came from said, in its order. */
final class HeaderWriter
{
    public const US = 'NORTH_BOUGH';

    /** Files of ours without a version of the program are from before tags of our own began with _NB_. */
    private const US_VERSION = '2';

    /** Who hands the file in, where nobody is told: 5.5.1 asks for somebody. */
    public const SUBMITTER = '@NB_SUBM@';

    /** @param  bool  $isWhole  whether all is there that the version asks for, said in its words alone */
    public static function build(
        string $kept,
        string $treeName,
        Version $version,
        \DateTimeImmutable $now,
        bool $isWhole = false,
    ): Structure {
        $ours = self::ours($version, $now);
        if ($kept === '') {
            $kept = "0 HEAD\n1 GEDC\n1 SOUR\n1 DATE\n"
                .($treeName === '' ? '' : LineWriter::write(new Structure('NOTE', $treeName), Version::V7, 1));
        }
        $before = LineWriter::restore($kept);
        $head = new Structure('HEAD', $before->payload);
        foreach ($before->children as $child) {
            if ($child->tag === 'GEDC' && self::isOf($child->text('VERS'), $version)) {
                $head->add($child);
            } elseif (isset($ours[$child->tag])) {
                $head->add(self::withRest($ours[$child->tag], $child, $version));
            } elseif ($child->tag !== 'CHAR') {
                $head->add($child);
            }
            unset($ours[$child->tag]);
        }
        foreach ($ours as $missing) {
            $head->add($missing);
        }
        if ($isWhole && $version === Version::V551 && $head->first('SUBM') === null) {
            $head->add(Structure::pointing('SUBM', self::SUBMITTER));
        }
        if ($isWhole && $version === Version::V551) {
            // Of the grammar there is one form, and older files say nothing of it.
            $gedc = $head->first('GEDC');
            $gedc?->first('FORM') ?? $gedc?->add(new Structure('FORM', 'LINEAGE-LINKED'));
        }

        return $head;
    }

    /** Whether the head is that of a file of this version, and what came with it can be written as it stands. */
    public static function isOfVersion(string $kept, Version $version): bool
    {
        // A file of ours may hold lines that were moved for its version, and put back since.
        return self::version($kept) === $version && LineWriter::restore($kept)->text('SOUR') !== self::US;
    }

    /** Whether a head is that of a file which we wrote when our tags had the underscore alone. */
    public static function isOfEarlierUs(Structure $head): bool
    {
        return $head->text('SOUR') === self::US && $head->text('SOUR', 'VERS') === '';
    }

    /** The version of the file that a head is of; null where there is none. */
    public static function version(string $kept): ?Version
    {
        if ($kept === '') {
            return null;
        }
        $words = trim(LineWriter::restore($kept)->text('GEDC', 'VERS'));

        return $words === '' || preg_match('/^5\.5(\.\d)?$/', $words) === 1 ? Version::V551 : Version::V7;
    }

    private static function isOf(string $words, Version $version): bool
    {
        return $version === Version::V7 ? preg_match('/^7(\.\d+)*$/', $words) === 1 : $words === $version->headWords();
    }

    /** Ours, and what stood beneath the line that it takes the place of. The writer and its date are ours alone. */
    private static function withRest(Structure $ours, Structure $before, Version $version): Structure
    {
        foreach (in_array($ours->tag, ['SOUR', 'DATE'], true) ? [] : $before->children as $child) {
            $isOlder = $version === Version::V7 && $ours->tag === 'GEDC' && $child->tag === 'FORM';
            if ($ours->first($child->tag) === null && ! $isOlder) {
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
            'SOUR' => (new Structure('SOUR', self::US))->add(new Structure('VERS', self::US_VERSION))
                ->add(new Structure('NAME', 'North Bough')),
            'DATE' => (new Structure('DATE', $date))->add(new Structure('TIME', $now->format('H:i:s'))),
        ];
        if ($version === Version::V551) {
            $gedc->add(new Structure('FORM', 'LINEAGE-LINKED'));
            $ours['CHAR'] = new Structure('CHAR', 'UTF-8');
        }

        return $ours;
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Citation\Kind\ShippedKind;

/** The kinds of source that ship. A new one is one file in Kind/ and one line here. */
final class SourceKinds
{
    /** @var list<class-string<ShippedKind>> */
    private const ALL = [
        Kind\ChurchRegister::class,
        Kind\ChurchMinutes::class,
        Kind\CivilRegister::class,
        Kind\CivilCertificate::class,
        Kind\CivilIndex::class,
        Kind\CensusPage::class,
        Kind\CensusIndex::class,
        Kind\LandDeed::class,
        Kind\LandRoll::class,
        Kind\LandGrant::class,
        Kind\CourtRecord::class,
        Kind\Will::class,
        Kind\ProbateBook::class,
        Kind\MusterRoll::class,
        Kind\ServiceBook::class,
        Kind\PensionFile::class,
        Kind\PassengerList::class,
        Kind\CrewList::class,
        Kind\Naturalisation::class,
        Kind\NewspaperItem::class,
        Kind\Directory::class,
        Kind\Book::class,
        Kind\BookChapter::class,
        Kind\Transcript::class,
        Kind\Headstone::class,
        Kind\CemeteryRegister::class,
        Kind\Letter::class,
        Kind\Diary::class,
        Kind\Photograph::class,
        Kind\Artefact::class,
        Kind\FamilyBible::class,
        Kind\Interview::class,
        Kind\Database::class,
        Kind\WebPage::class,
        Kind\TreeOfAnother::class,
        Kind\MapSheet::class,
        Kind\SchoolRegister::class,
        Kind\WorkBook::class,
        Kind\HospitalRegister::class,
        Kind\AnySource::class,
    ];

    /** @var array<string, SourceKind>|null */
    private static ?array $byCode = null;

    /** @return array<string, SourceKind> by code */
    public static function all(): array
    {
        if (self::$byCode === null) {
            self::$byCode = [];
            foreach (self::ALL as $class) {
                $kind = $class::kind();
                self::$byCode[$kind->code] = $kind;
            }
        }

        return self::$byCode;
    }
}

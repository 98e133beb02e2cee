<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Citation\SourceKinds\ShippedKind;

/** The kinds of source that ship. A new one is one file in SourceKinds/ and one line here. */
final class SourceKinds
{
    /** @var list<class-string<ShippedKind>> */
    private const ALL = [
        SourceKinds\ChurchRegister::class,
        SourceKinds\ChurchMinutes::class,
        SourceKinds\CivilRegister::class,
        SourceKinds\CivilCertificate::class,
        SourceKinds\CivilIndex::class,
        SourceKinds\CensusPage::class,
        SourceKinds\CensusIndex::class,
        SourceKinds\LandDeed::class,
        SourceKinds\LandRoll::class,
        SourceKinds\LandGrant::class,
        SourceKinds\CourtRecord::class,
        SourceKinds\Will::class,
        SourceKinds\ProbateBook::class,
        SourceKinds\MusterRoll::class,
        SourceKinds\ServiceBook::class,
        SourceKinds\PensionFile::class,
        SourceKinds\PassengerList::class,
        SourceKinds\CrewList::class,
        SourceKinds\Naturalisation::class,
        SourceKinds\NewspaperItem::class,
        SourceKinds\Directory::class,
        SourceKinds\Book::class,
        SourceKinds\BookChapter::class,
        SourceKinds\Transcript::class,
        SourceKinds\Headstone::class,
        SourceKinds\CemeteryRegister::class,
        SourceKinds\Letter::class,
        SourceKinds\Diary::class,
        SourceKinds\Photograph::class,
        SourceKinds\Artefact::class,
        SourceKinds\FamilyBible::class,
        SourceKinds\Interview::class,
        SourceKinds\Database::class,
        SourceKinds\WebPage::class,
        SourceKinds\TreeOfAnother::class,
        SourceKinds\MapSheet::class,
        SourceKinds\SchoolRegister::class,
        SourceKinds\WorkBook::class,
        SourceKinds\HospitalRegister::class,
        SourceKinds\AnySource::class,
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

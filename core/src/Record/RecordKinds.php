<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Record\RecordKinds\ShippedKind;

/** The kinds of record that ship. A new one is one file in RecordKinds/ and one line here. */
final class RecordKinds
{
    /** @var list<class-string<ShippedKind>> */
    private const ALL = [
        RecordKinds\CensusHousehold::class,
        RecordKinds\Census1841::class,
        RecordKinds\Census1851::class,
        RecordKinds\Census1861::class,
        RecordKinds\Census1871::class,
        RecordKinds\Census1881::class,
        RecordKinds\Census1891::class,
        RecordKinds\Census1901::class,
        RecordKinds\Baptism::class,
        RecordKinds\Marriage::class,
        RecordKinds\MarriageCertificate::class,
        RecordKinds\Burial::class,
        RecordKinds\BirthCertificate::class,
        RecordKinds\DeathCertificate::class,
        RecordKinds\PassengerList::class,
        RecordKinds\ServiceBook::class,
        RecordKinds\Obituary::class,
        RecordKinds\Will::class,
        RecordKinds\Headstone::class,
        RecordKinds\Letter::class,
        RecordKinds\OtherRecord::class,
    ];

    /** @var array<string, RecordKind>|null */
    private static ?array $byCode = null;

    /** @return array<string, RecordKind> by code */
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

    /** The kind of this code; the free one where there is none. */
    public static function named(string $code): RecordKind
    {
        return self::all()[$code] ?? self::all()['free'];
    }
}

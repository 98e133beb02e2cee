<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Record\Kind\ShippedKind;

/** The kinds of record that ship. A new one is one file in Kind/ and one line here. */
final class RecordKinds
{
    /** @var list<class-string<ShippedKind>> */
    private const ALL = [
        Kind\CensusHousehold::class,
        Kind\Census1841::class,
        Kind\Census1851::class,
        Kind\Census1861::class,
        Kind\Census1871::class,
        Kind\Census1881::class,
        Kind\Census1891::class,
        Kind\Census1901::class,
        Kind\Baptism::class,
        Kind\Marriage::class,
        Kind\MarriageCertificate::class,
        Kind\Burial::class,
        Kind\BirthCertificate::class,
        Kind\DeathCertificate::class,
        Kind\PassengerList::class,
        Kind\ServiceBook::class,
        Kind\Obituary::class,
        Kind\Will::class,
        Kind\Headstone::class,
        Kind\Letter::class,
        Kind\Free::class,
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

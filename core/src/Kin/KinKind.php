<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Tree\ParentageKind;

/** By what somebody is kin. */
enum KinKind: string
{
    case Self = 'self';
    case Spouse = 'spouse';
    case Blood = 'blood';
    case Adoptive = 'adoptive';
    case Foster = 'foster';
    case Guardian = 'guardian';
    case Recognised = 'recognised';
    case Step = 'step';
    case InLaw = 'in-law';

    public static function of(ParentageKind $kind): self
    {
        return match ($kind) {
            ParentageKind::Birth => self::Blood,
            ParentageKind::Adoptive => self::Adoptive,
            ParentageKind::Foster => self::Foster,
            ParentageKind::Guardian => self::Guardian,
            // A kind of one's own is a parent whom somebody recognises as one.
            ParentageKind::Recognised, ParentageKind::Other => self::Recognised,
        };
    }

    /** One bit for each kind of tie; blood is none, so that a path by birth alone has the mask 0. */
    public function bit(): int
    {
        return match ($this) {
            self::Adoptive => 1,
            self::Foster => 2,
            self::Guardian => 4,
            self::Recognised => 8,
            default => 0,
        };
    }

    /** The kind of a path whose ties have these bits: the one that is farthest from blood. */
    public static function ofBits(int $bits): self
    {
        foreach ([self::Guardian, self::Foster, self::Adoptive, self::Recognised] as $kind) {
            if (($bits & $kind->bit()) !== 0) {
                return $kind;
            }
        }

        return self::Blood;
    }

    public function prefix(): string
    {
        return match ($this) {
            self::Adoptive, self::Foster, self::Guardian, self::Recognised => $this->value.' ',
            default => '',
        };
    }
}

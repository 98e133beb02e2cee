<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/**
 * An arabic number for whoever is carried on, in the order in which they are listed; nobody else has one.
 * Source: the Register style of the New England Historical and Genealogical Register, volume 24, 1870.
 */
final readonly class RegisterNumbers implements NumberSystem
{
    public static function code(): string
    {
        return 'register';
    }

    public static function title(): string
    {
        return 'Register';
    }

    public function order(): TellingOrder
    {
        return TellingOrder::ByGeneration;
    }

    public function number(Descent $descent): Descent
    {
        $next = 1;
        $numbered = [];
        foreach ($descent->list as $one) {
            $numbered[] = $one->isCarriedOn || $one->parentAt < 0 ? $one->numbered((string) $next++, $one->isProvisional) : $one;
        }

        return $descent->numbered($numbered);
    }
}

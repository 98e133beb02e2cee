<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

/** The naming customs that a tree or a family can keep. A new one is one file and one line here. */
final class NamingCustoms
{
    /** @return list<NamingCustom> */
    public static function all(): array
    {
        return [
            new FathersSurname,
            new MothersSurname,
            new BothSurnames,
            Patronymic::nordic(),
            Patronymic::danish(),
            Patronymic::icelandic(),
            Patronymic::welsh(),
            new FarmName,
            new NoSurname,
        ];
    }

    /** The custom of a code; the father's surname where it names none. */
    public static function named(string $code): NamingCustom
    {
        foreach (self::all() as $custom) {
            if ($custom->code() === $code) {
                return $custom;
            }
        }

        return new FathersSurname;
    }
}

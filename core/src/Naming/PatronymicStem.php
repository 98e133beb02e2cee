<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** The father's name in a surname that was made of it: Magnusson, Magnusdotter and Magnussen are of one stem. */
final class PatronymicStem
{
    private const ENDING = '/^(.{3,}?)s?(?:son|sen|zoon|dotter|dottir|datter|dochter)$/';

    private const BEGINNING = '/^(?:ap|ab|verch|ferch) (.{3,})$/';

    /** @return string in the form in which names are searched for; empty where the surname is no patronymic */
    public static function of(string $surname): string
    {
        $form = SearchForm::latin($surname);

        return preg_match(self::ENDING, $form, $m) === 1 || preg_match(self::BEGINNING, $form, $m) === 1 ? $m[1] : '';
    }
}

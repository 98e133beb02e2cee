<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Sex;

/** The father's given name with a word for son or daughter, so that the surname changes with every generation. */
final readonly class Patronymic implements NamingCustom
{
    /**
     * @param  string  $son  what makes the father's name a son's: "*sson", "ap *"; the star is the father's name
     */
    private function __construct(private string $code, private string $word, private string $son, private string $daughter)
    {
    }

    /** Magnus: Magnusson and Magnusdotter; Lars: Larsson and Larsdotter. */
    public static function nordic(): self
    {
        return new self('patronymic nordic', 'a patronymic: Magnusson, Magnusdotter', '*sson', '*sdotter');
    }

    public static function danish(): self
    {
        return new self('patronymic danish', 'a patronymic: Hansen, Hansdatter', '*sen', '*sdatter');
    }

    /** The name stands in the genitive: Jón, Jónsson; Einar, Einarsdóttir. Those that bend otherwise are typed. */
    public static function icelandic(): self
    {
        return new self('patronymic icelandic', 'a patronymic: Jónsson, Jónsdóttir', '*sson', '*sdóttir');
    }

    public static function welsh(): self
    {
        return new self('patronymic welsh', 'a patronymic: ap Rhys, ferch Rhys', 'ap *', 'ferch *');
    }

    public function code(): string
    {
        return $this->code;
    }

    public function word(): string
    {
        return $this->word;
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        $father = explode(' ', $parents->father->given)[0];

        return $father === '' ? '' : match ($child) {
            Sex::Male => self::made($this->son, $father),
            Sex::Female => self::made($this->daughter, $father),
            // Which of the two it is hangs on the sex: neither is offered before it is known.
            Sex::Other, Sex::Unknown => '',
        };
    }

    public function fathersSurname(string $childsSurname): string
    {
        return '';
    }

    /** Whether a surname is one that a child of somebody so named can have borne. */
    public function isOf(string $surname, string $fathersGiven): bool
    {
        $father = explode(' ', $fathersGiven)[0];

        return $father !== ''
            && in_array(SearchForm::of($surname),
                array_map(SearchForm::of(...), [self::made($this->son, $father), self::made($this->daughter, $father)]), true);
    }

    private static function made(string $form, string $father): string
    {
        // Lars gives Larsson and Larsen, not Larssson and Larssen.
        $stem = str_starts_with($form, '*s') && str_ends_with($father, 's') ? substr($father, 0, -1) : $father;

        return str_replace('*', $stem, $form);
    }
}

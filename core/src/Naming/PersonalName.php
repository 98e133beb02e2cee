<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** A person's name in its parts. A part that is not known, or that the name does not have, is empty. */
final readonly class PersonalName
{
    private function __construct(
        public string $given,
        public string $surnamePrefix,
        public string $surname,
        public string $suffix,
        public string $title,
        public string $nickname,
    ) {
    }

    public static function of(
        string $given, string $surname, string $surnamePrefix = '', string $suffix = '', string $title = '', string $nickname = '',
    ): self {
        return new self(trim($given), trim($surnamePrefix), trim($surname), trim($suffix), trim($title), trim($nickname));
    }

    /** Reads a name as it was typed, or with the surname between slashes. */
    public static function parse(string $typed): self
    {
        return NameReader::read($typed);
    }

    public function isEmpty(): bool
    {
        return $this->given.$this->surnamePrefix.$this->surname.$this->suffix.$this->title.$this->nickname === '';
    }

    /** Ewan Tarrel; Keziah “Hezzy” Osk; “?” stands where nothing is known. */
    public function shown(): string
    {
        $nickname = $this->nickname === '' || $this->nickname === $this->given ? '' : '“'.$this->nickname.'”';

        return self::joined($this->title, $this->given, $nickname, $this->surnamePrefix, $this->surname, $this->suffix) ?: '?';
    }

    /** Tarrel, Ewan: as an index has it. */
    public function filed(): string
    {
        $first = self::joined($this->surname);
        $rest = self::joined($this->given, $this->surnamePrefix, $this->suffix);

        return ($first === '' ? '?' : $first).', '.($rest === '' ? '?' : $rest);
    }

    /** The payload of NAME in the open standard: the surname, with its prefix, between slashes. */
    public function withSlashes(): string
    {
        $surname = self::joined($this->surnamePrefix, $this->surname);

        return self::joined($this->title, $this->given, $surname === '' ? '' : '/'.$surname.'/', $this->suffix);
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    private static function joined(string ...$parts): string
    {
        return implode(' ', array_filter($parts, static fn (string $part): bool => $part !== ''));
    }
}

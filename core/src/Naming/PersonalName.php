<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/**
 * A person's name in its parts. A part that is not known, or that the name does not have, is empty. How it is shown
 * is a reader's choice and no part of it.
 */
final readonly class PersonalName
{
    private function __construct(
        public string $given,
        public string $surnamePrefix,
        public string $surname,
        public string $suffix,
        public string $title,
        public string $nickname,
        private NameStyle $style,
        private string $marriedSurname,
    ) {
    }

    public static function of(
        string $given, string $surname, string $surnamePrefix = '', string $suffix = '', string $title = '', string $nickname = '',
    ): self {
        return new self(trim($given), trim($surnamePrefix), trim($surname), trim($suffix), trim($title), trim($nickname),
            NameStyle::usual(), '');
    }

    /** Reads a name as it was typed, or with the surname between slashes. */
    public static function parse(string $typed): self
    {
        return NameParser::read($typed);
    }

    public function isEmpty(): bool
    {
        return $this->given.$this->surnamePrefix.$this->surname.$this->suffix.$this->title.$this->nickname === '';
    }

    /**
     * The same name, shown as a reader wants it.
     *
     * @param  string  $marriedSurname  that is shown by rule; empty where there is none
     */
    public function styled(NameStyle $style, string $marriedSurname = ''): self
    {
        return new self($this->given, $this->surnamePrefix, $this->surname, $this->suffix, $this->title, $this->nickname, $style,
            $style->married === MarriedName::Birth || $marriedSurname === $this->wholeSurname() ? '' : $marriedSurname);
    }

    /** Ewan Tarrel; Keziah “Hezzy” Osk; TARREL Ewan; Marion Drum, born Tarrel; “?” stands where nothing is known. */
    public function shown(): string
    {
        $nickname = $this->nickname === '' || $this->nickname === $this->given ? '' : '“'.$this->nickname.'”';
        [$prefix, $bare] = $this->carried();
        $surname = self::joined($prefix, $this->style->surname($bare));
        $first = self::joined($this->given, $nickname);
        $shown = $this->style->order === NameOrder::SurnameFirst
            ? self::joined($surname, $this->title, $first, $this->suffix)
            : self::joined($this->title, $first, $surname, $this->suffix);

        return ($shown ?: '?').$this->bornAs();
    }

    /** Tarrel, Ewan: as an index has it. */
    public function filed(): string
    {
        [$prefix, $bare] = $this->carried();
        $first = $this->style->surname($bare);
        $rest = self::joined($this->given, $prefix, $this->suffix);

        return ($first === '' ? '?' : $first).', '.($rest === '' ? '?' : $rest).$this->bornAs();
    }

    /** The same where the surname is somebody else's, and one's own is not told. */
    public function withoutSurname(): self
    {
        return self::of($this->given, '', '', $this->suffix, $this->title, $this->nickname);
    }

    /** The surname with its prefix. */
    public function wholeSurname(): string
    {
        return self::joined($this->surnamePrefix, $this->surname);
    }

    /** @return array{string, string} the prefix and the surname that are shown: those that marriage gave, where it did by rule */
    private function carried(): array
    {
        $name = $this->marriedSurname === '' ? $this : self::parse("/{$this->marriedSurname}/");

        return [$name->surnamePrefix, $name->surname];
    }

    private function bornAs(): string
    {
        return $this->marriedSurname !== '' && $this->style->married === MarriedName::Both && $this->surname !== ''
            ? ', born '.self::joined($this->surnamePrefix, $this->style->surname($this->surname))
            : '';
    }

    /** The payload of NAME in GEDCOM: the surname, with its prefix, between slashes. */
    public function withSlashes(): string
    {
        $surname = $this->wholeSurname();

        return self::joined($this->title, $this->given, $surname === '' ? '' : '/'.$surname.'/', $this->suffix);
    }

    public function equals(self $otherName): bool
    {
        return array_diff_key(get_object_vars($this), ['style' => 1, 'marriedSurname' => 1]) === array_diff_key(get_object_vars($otherName),
            ['style' => 1, 'marriedSurname' => 1]);
    }

    private static function joined(string ...$parts): string
    {
        return implode(' ', array_filter($parts, static fn (string $part): bool => $part !== ''));
    }
}

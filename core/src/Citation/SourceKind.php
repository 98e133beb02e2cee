<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Naming\SearchForm;

/** A kind of source: its fields, and the three forms in which it is told. */
final readonly class SourceKind
{
    /** Fields that every kind may set without asking: where in the source, and who holds it. */
    private const GIVEN = ['locator', 'repository', 'callNumber'];

    /**
     * @param  string  $words  everyday words by which it is found
     * @param  string  $what  what it is: church, civil, census …
     * @param  list<string>  $where  where it can be seen: archive, library, home, online, place
     * @param  list<string>  $form  in what form: original, image, transcript, index
     * @param  list<SourceField>  $fields
     */
    private function __construct(
        public string $code,
        public string $name,
        public string $words,
        public string $what,
        public array $where,
        public array $form,
        public array $fields,
        public string $full,
        public string $short,
        public string $bibliography,
    ) {
    }

    /**
     * @param  list<string>  $where
     * @param  list<string>  $form
     * @param  list<SourceField>  $fields
     *
     * @throws KindProblem when a form names a field that there is not
     */
    public static function of(
        string $code,
        string $name,
        string $words,
        string $says,
        array $where,
        array $form,
        array $fields,
        string $full,
        string $short,
        string $bibliography,
    ): self {
        $codes = array_map(static fn (SourceField $field): string => $field->code, $fields);
        if (count(array_unique($codes)) < count($codes)) {
            throw KindProblem::because('two of its fields have one code');
        }
        foreach ([$full, $short, $bibliography] as $pattern) {
            $unknown = array_diff(NotePattern::parse($pattern)->fields(), $codes, self::GIVEN);
            if ($unknown !== []) {
                throw KindProblem::because('a form names the field {'.reset($unknown).'}, which it does not have');
            }
        }

        return new self($code, $name, $words, $says, $where, $form, $fields, $full, $short, $bibliography);
    }

    public function field(string $code): ?SourceField
    {
        foreach ($this->fields as $field) {
            if ($field->code === $code) {
                return $field;
            }
        }

        return null;
    }

    /**
     * What the fields say to a tag of GEDCOM, in their order.
     *
     * @param  array<string, string>  $values
     */
    public function value(string $tag, array $values): string
    {
        $told = [];
        foreach ($this->fields as $field) {
            if ($field->tag === $tag && ! $field->isOfRecord && trim($values[$field->code] ?? '') !== '') {
                $told[] = trim($values[$field->code]);
            }
        }

        return implode(', ', $told);
    }

    /** @return list<SourceField> those asked of each record and not of the source */
    public function ofRecord(): array
    {
        return array_values(array_filter($this->fields, static fn (SourceField $field): bool => $field->isOfRecord));
    }

    /**
     * Where in the source a record stands, in the order of its fields: "sheet 9, schedule 31".
     *
     * @param  array<string, string>  $values  by field
     */
    public function locator(array $values): string
    {
        $told = array_map(static fn (SourceField $field): string => trim($values[$field->code] ?? ''), $this->ofRecord());

        return implode(', ', array_filter($told, static fn (string $value): bool => $value !== ''));
    }

    /**
     * The fields that are asked, given what has a value already.
     *
     * @param  array<string, string>  $values
     * @return list<SourceField>
     */
    public function asked(array $values): array
    {
        return array_values(
            array_filter($this->fields,
                static fn (SourceField $field): bool => $field->onlyWith === '' || trim($values[$field->onlyWith] ?? '') !== ''));
    }

    /** @return list<string> what is told before export: fields that go nowhere, and fields that share a place */
    public function remarks(): array
    {
        $remarks = [];
        $byTag = [];
        foreach ($this->fields as $field) {
            if ($field->tag === '') {
                $remarks[] = "“{$field->label}” goes to no GEDCOM tag: it is written into the note of the source.";
            } elseif ($field->tag !== 'PAGE') {
                $byTag[$field->tag][] = $field->label;
            }
        }
        foreach ($byTag as $tag => $labels) {
            if (count($labels) > 1) {
                $remarks[] = '“'.implode('” and “', $labels)."” share {$tag} and are written one after the other.";
            }
        }

        return $remarks;
    }

    public function isFoundBy(string $typed): bool
    {
        $own = ' '.SearchForm::of("{$this->name} {$this->words} {$this->what}");
        foreach (array_filter(explode(' ', SearchForm::of($typed))) as $word) {
            if (! str_contains($own, " {$word}")) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<mixed>  $values  as toArray gives it
     *
     * @throws KindProblem
     */
    public static function fromArray(string $code, array $values): self
    {
        $text = static fn (string $field): string => is_string($values[$field] ?? null) ? trim($values[$field]) : '';
        $list = static fn (string $field): array => array_values(is_array($values[$field] ?? null) ? $values[$field] : []);
        if ($text('name') === '' || $text('full') === '') {
            throw KindProblem::because('it has no name, or no full note');
        }

        return self::of($code, $text('name'), $text('words'), $text('what'), array_values(array_filter($list('where'), is_string(...))),
            array_values(array_filter($list('form'), is_string(...))),
            array_map(SourceField::fromArray(...), FieldCodes::apart(array_values(array_filter($list('fields'), is_array(...))), 'field')),
            $text('full'), $text('short') === '' ? $text('full') : $text('short'),
            $text('bibliography') === '' ? $text('full') : $text('bibliography'));
    }

    /** @return array<string, mixed> the open form in which a kind is shared, as JSON */
    public function toArray(): array
    {
        return ['name' => $this->name, 'words' => $this->words, 'what' => $this->what, 'where' => $this->where, 'form' => $this->form,
            'fields' => array_map(static fn (SourceField $field): array => $field->toArray(), $this->fields),
            'full' => $this->full, 'short' => $this->short, 'bibliography' => $this->bibliography];
    }
}

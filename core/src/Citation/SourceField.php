<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** A field of a kind of source: what is asked, how, and where it goes in GEDCOM. */
final readonly class SourceField
{
    /**
     * @param  string  $tag  TITL, AUTH, PUBL, ABBR, CALN or REPO of the source, PAGE or DATE of the citation; empty for none
     * @param  bool  $isOfRecord  asked of each record and not of the source
     * @param  string  $onlyWith  code of a field that must have a value before this one is asked; empty for always
     */
    private function __construct(
        public string $code,
        public string $label,
        public string $hint,
        public string $example,
        public FieldKind $kind,
        public string $tag,
        public bool $isOfRecord,
        public string $onlyWith,
    ) {
    }

    public static function of(
        string $code,
        string $label,
        string $tag = '',
        string $hint = '',
        string $example = '',
        FieldKind $kind = FieldKind::Text,
        string $onlyWith = '',
    ): self {
        return new self($code, $label, $hint, $example, $kind, $tag, false, $onlyWith);
    }

    public static function ofRecord(
        string $code,
        string $label,
        string $hint = '',
        string $example = '',
        FieldKind $kind = FieldKind::Text,
        string $tag = 'PAGE',
    ): self {
        return new self($code, $label, $hint, $example, $kind, $tag, true, '');
    }

    /**
     * @param  array<mixed>  $values  as toArray gives it
     *
     * @throws KindProblem
     */
    public static function fromArray(array $values): self
    {
        $text = static fn (string $field): string => is_string($values[$field] ?? null) ? trim($values[$field]) : '';
        if (preg_match('/^[a-z][A-Za-z0-9]{0,39}$/', $text('code')) !== 1 || $text('label') === '') {
            throw KindProblem::because('a field has no label, or its code is not made of letters and digits');
        }
        if (! in_array($text('tag'), ['', 'TITL', 'AUTH', 'PUBL', 'ABBR', 'CALN', 'REPO', 'PAGE', 'DATE'], true)) {
            throw KindProblem::because("the field “{$text('label')}” goes to a tag that there is not");
        }

        return new self($text('code'), $text('label'), $text('hint'), $text('example'),
            FieldKind::tryFrom($text('kind')) ?? FieldKind::Text,
            $text('tag'), ($values['isOfRecord'] ?? false) === true, $text('onlyWith'));
    }

    /**
     * @return array{code: string, label: string, hint: string, example: string, kind: string, tag: string,
     *     isOfRecord: bool, onlyWith: string}
     */
    public function toArray(): array
    {
        return ['code' => $this->code, 'label' => $this->label, 'hint' => $this->hint, 'example' => $this->example,
            'kind' => $this->kind->value,
            'tag' => $this->tag, 'isOfRecord' => $this->isOfRecord, 'onlyWith' => $this->onlyWith];
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Sex;

/** What somebody is on a record: head, wife, lodger; child, father, godparent; groom, witness. */
final readonly class Role
{
    /**
     * @param  list<string>  $spelled  how clerks write it, folded
     * @param  string  $of  code of the role that the tie is told of; empty for the first principal
     * @param  bool  $mayRepeat  the same person can stand on another line too: informant, signer, witness
     * @param  bool  $resides  being there says that one lived there
     * @param  bool  $acts  signs, informs or witnesses, so was alive that day
     * @param  bool  $isAside  set aside unless somebody chooses otherwise: the minister, the registrar
     */
    private function __construct(
        public string $code,
        public string $word,
        public array $spelled,
        public RoleRelation $tie,
        public string $of,
        public Sex $sex,
        public bool $mayRepeat,
        public bool $resides,
        public bool $acts,
        public bool $isAside,
    ) {
    }

    public static function of(
        string $word,
        RoleRelation $tie,
        Sex $sex = Sex::Unknown,
        string $spelled = '',
        string $of = '',
        bool $resides = false,
    ): self {
        $code = str_replace(' ', '-', SearchForm::of($word));
        $forms = array_map(SearchForm::of(...), [$word, ...($spelled === '' ? [] : explode(',', $spelled))]);

        return new self($code, $word, array_values(array_unique($forms)), $tie, $of, $sex, false, $resides, false, false);
    }

    /** Somebody who signs, informs or witnesses: alive that day, and perhaps on another line as well. */
    public static function acting(string $word, string $spelled = '', bool $isAside = false): self
    {
        $role = self::of($word, RoleRelation::None, Sex::Unknown, $spelled);

        return new self($role->code, $role->word, $role->spelled, RoleRelation::None, '', Sex::Unknown, true, false, true, $isAside);
    }

    /** @param  array<mixed>  $values  word, tie, sex, spelled, of, resides, acts, aside */
    public static function fromArray(array $values): self
    {
        $word = is_string($values['word'] ?? null) ? trim($values['word']) : '';
        if ($word === '') {
            throw KindProblem::because('a role has no word');
        }
        $spelled = is_array($values['spelled'] ?? null) ? implode(',', array_filter($values['spelled'], is_string(...))) : '';
        if (($values['acts'] ?? false) === true) {
            return self::acting($word, $spelled, ($values['aside'] ?? false) === true);
        }

        return self::of($word, RoleRelation::tryFrom(is_string($values['tie'] ?? null) ? $values['tie'] : '') ?? RoleRelation::None,
            Sex::tryFrom(is_string($values['sex'] ?? null) ? $values['sex'] : '') ?? Sex::Unknown, $spelled,
            is_string($values['of'] ?? null) ? $values['of'] : '', ($values['resides'] ?? false) === true);
    }

    /** @return array{word: string, tie: string, sex: string, spelled: list<string>, of: string, resides: bool, acts: bool, aside: bool} */
    public function toArray(): array
    {
        return ['word' => $this->word, 'tie' => $this->tie->value, 'sex' => $this->sex->value, 'spelled' => $this->spelled,
            'of' => $this->of, 'resides' => $this->resides, 'acts' => $this->acts, 'aside' => $this->isAside];
    }
}

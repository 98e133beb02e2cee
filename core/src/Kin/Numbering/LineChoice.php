<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Tree\ParentageKind;

/** Which children a numbering counts. Of several sets of parents the one that leads is followed, always. */
final readonly class LineChoice
{
    public function __construct(
        #[Option('Adopted', 'With children who were adopted, fostered or taken in')] public bool $adopted = true,
        #[Option('Step', 'With children whom a partner had by somebody else')] public bool $step = false,
        #[Option('Not proved', 'With children whose parents are not proved')] public bool $unproved = true,
    ) {
    }

    public function counts(LineChild $child): bool
    {
        return ($this->adopted || $child->kind === ParentageKind::Birth || $child->isStep)
            && ($this->step || ! $child->isStep)
            && ($this->unproved || ! $child->isUnproved);
    }

    /** What is printed with the numbers, so that whoever reads them knows what they count. */
    public function says(): string
    {
        $with = static fn (bool $is, string $what): string => ($is ? 'with ' : 'without ').$what;

        return 'Of several sets of parents the leading one is followed; '.implode(', ', [$with($this->adopted, 'adopted children'),
            $with($this->step, 'stepchildren'), $with($this->unproved, 'children who are not proved')]).'.';
    }
}

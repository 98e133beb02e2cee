<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** How a fact or a tie stands. What is entered or brought in without a ruling is unweighed. */
enum Standing: string
{
    case Accepted = 'accepted';
    case Rival = 'rival';
    case RuledOut = 'ruled out';
    case Unweighed = 'unweighed';

    /** Whether it can count where one answer is needed. */
    public function mayLead(): bool
    {
        return $this === self::Accepted || $this === self::Unweighed;
    }

    /** STAT of a child's link (version 7, g7:enumset-FAMC-STAT). PROVEN tells of proof, not of standing. */
    public static function fromStandard(string $stat): self
    {
        return match (strtoupper(trim($stat))) {
            'CHALLENGED' => self::Rival,
            'DISPROVEN' => self::RuledOut,
            default => self::Unweighed,
        };
    }

    public function standard(Proof $proof): string
    {
        return match (true) {
            $this === self::Rival => 'CHALLENGED',
            $this === self::RuledOut => 'DISPROVEN',
            $proof === Proof::Proved => 'PROVEN',
            default => '',
        };
    }
}

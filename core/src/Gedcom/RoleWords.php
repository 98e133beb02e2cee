<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** Roles at an event in the standard's words (version 7, g7:enumset-ROLE) and in ours; any other role is OTHER with a phrase. */
final class RoleWords
{
    private const OURS = [
        'CHIL' => 'child', 'CLERGY' => 'clergy', 'FATH' => 'father', 'FRIEND' => 'friend', 'GODP' => 'godparent', 'HUSB' => 'husband',
        'MOTH' => 'mother',
        'MULTIPLE' => 'several roles', 'NGHBR' => 'neighbour', 'OFFICIATOR' => 'officiant', 'PARENT' => 'parent', 'SPOU' => 'spouse',
        'WIFE' => 'wife', 'WITN' => 'witness',
    ];

    /** @return string our word; the phrase, or "other", for a role that the standard does not name */
    public static function fromStandard(string $role, string $phrase): string
    {
        return self::OURS[strtoupper($role)] ?? ($phrase !== '' ? $phrase : 'other');
    }

    public static function standard(string $ours): string
    {
        return array_search(mb_strtolower($ours), self::OURS, true) ?: 'OTHER';
    }
}

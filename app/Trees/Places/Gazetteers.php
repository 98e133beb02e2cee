<?php

declare(strict_types=1);

namespace App\Trees\Places;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceLink;
use NorthBough\Core\Place\PlaceName;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Place\PlaceResolver;
use NorthBough\Core\Place\ValidPeriod;
use stdClass;

/** As much of the current tree's gazetteer as is asked for, with everything that those places ever lay in: one query. */
final readonly class Gazetteers
{
    private const OUTWARD = <<<'SQL'
        WITH RECURSIVE outward (id) AS (
            %s
            UNION
            SELECT ties.outer_id FROM outward JOIN LATERAL (
                SELECT inside_id AS outer_id FROM places WHERE tree_id = :tree AND id = outward.id AND inside_id IS NOT NULL
                UNION ALL SELECT inside_id FROM place_insides WHERE tree_id = :tree AND place_id = outward.id
                UNION ALL SELECT church_id FROM place_churches WHERE tree_id = :tree AND place_id = outward.id
            ) AS ties ON true
        )
        SELECT id, name, inside_id, reckoning,
            (SELECT json_agg(n ORDER BY n.position, n.id) FROM place_names n WHERE n.tree_id = places.tree_id
            AND n.place_id = places.id) AS names,
            (SELECT json_agg(i ORDER BY i.from_day NULLS FIRST, i.id) FROM place_insides i WHERE i.tree_id = places.tree_id
            AND i.place_id = places.id) AS insides,
            (SELECT json_agg(c ORDER BY c.from_day NULLS FIRST, c.id) FROM place_churches c WHERE c.tree_id = places.tree_id
            AND c.place_id = places.id) AS churches
        FROM places WHERE tree_id = :tree AND id IN (SELECT id FROM outward) ORDER BY search, id
        SQL;

    public function __construct(private CurrentTree $current)
    {
    }

    /** Whatever bears one of the names in the words of a place. */
    public function bearing(string ...$typed): Gazetteer
    {
        $names = array_merge(...array_map(static fn (string $words): array => PlacePath::parse($words)->names, array_values($typed)));
        $forms = array_values(
            array_unique(array_filter(array_map(SearchForm::of(...), $names), static fn (string $form): bool => $form !== '')));

        return $forms === [] ? Gazetteer::of([]) : $this->fetch(
            'SELECT id FROM places WHERE tree_id = :tree AND search = ANY(:forms) UNION SELECT place_id FROM place_names
                WHERE tree_id = :tree AND search = ANY(:forms)',
            ['forms' => self::texts($forms)],
        );
    }

    /** @param  list<string>  $ids */
    public function of(array $ids): Gazetteer
    {
        return $ids === [] ? Gazetteer::of([])
            : $this->fetch('SELECT id FROM places WHERE tree_id = :tree AND id = ANY(:ids::uuid[])', ['ids' => '{'.implode(',', $ids).'}']);
    }

    public function whole(): Gazetteer
    {
        return $this->fetch('SELECT id FROM places WHERE tree_id = :tree', []);
    }

    /** The place that some facts' words stand for, before anything said of one fact alone. */
    public function standing(string $typed): ?string
    {
        return $typed === '' ? null : DB::table('place_wordings')->where('tree_id', $this->current->id())
            ->whereRaw('md5(typed) = md5(?)', [$typed])->value('place_id');
    }

    /** The place that words stand for: by what is said of them, else because they can mean one only. Nothing is noted. */
    public function meant(string $typed, ?DaySpan $when): ?string
    {
        return $typed === '' ? null : $this->standing($typed) ?? (new PlaceResolver($this->bearing($typed)))->read($typed, $when)
            ->standard?->id;
    }

    /** How dates are written at a place, or where nothing is said of it, in the tree. */
    public function datingConvention(?string $placeId): DatingConvention
    {
        $setting = $this->current->get()->reckoning;
        $ofTree = $setting === null ? DatingConvention::unknown() : DatingSetting::of($setting)->over(DatingConvention::unknown());

        return $placeId === null ? $ofTree : $this->of([$placeId])->reckoning($placeId, $ofTree);
    }

    /** @param  array<string, string>  $bound */
    private function fetch(string $start, array $bound): Gazetteer
    {
        $rows = DB::select(sprintf(self::OUTWARD, $start), ['tree' => $this->current->id(), ...$bound]);

        return Gazetteer::of(array_map(self::place(...), $rows));
    }

    private static function place(stdClass $row): Place
    {
        $usual = $row->inside_id === null ? [] : [new PlaceLink($row->inside_id, ValidPeriod::always())];

        return new Place($row->id, $row->name,
            array_map(static fn (stdClass $n): PlaceName => new PlaceName($n->name, $n->language,
                ValidPeriod::between($n->from_day, $n->to_day)), self::listed($row->names)),
            [...$usual, ...array_map(
                static fn (stdClass $i): PlaceLink => new PlaceLink($i->inside_id, ValidPeriod::between($i->from_day, $i->to_day)),
                self::listed($row->insides))],
            array_map(static fn (stdClass $c): PlaceLink => new PlaceLink($c->church_id, ValidPeriod::between($c->from_day, $c->to_day)),
                self::listed($row->churches)),
            $row->reckoning === null ? null : DatingSetting::of(json_decode($row->reckoning, true, flags: JSON_THROW_ON_ERROR)),
        );
    }

    /** @return list<stdClass> */
    private static function listed(?string $json): array
    {
        return $json === null ? [] : json_decode($json, flags: JSON_THROW_ON_ERROR);
    }

    /** @param  list<string>  $texts */
    private static function texts(array $texts): string
    {
        return '{'.implode(',', array_map(static fn (string $text): string => '"'.addcslashes($text, '"\\').'"', $texts)).'}';
    }
}

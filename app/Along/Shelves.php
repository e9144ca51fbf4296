<?php

declare(strict_types=1);

namespace App\Along;

use App\Models\Abrasive;
use App\Models\Air;
use App\Models\Blank;
use App\Models\Dye;
use App\Models\LogEntry;
use App\Models\MixedCup;
use App\Models\OwnMix;
use App\Models\OwnWood;
use App\Models\Piece;
use App\Models\PieceRevision;
use App\Models\Recipe;
use App\Models\Sale;
use App\Models\StepPin;
use App\Models\StockMove;
use App\Models\StoredGood;
use App\Models\Swatch;
use App\Models\Timer;
use App\Models\Tin;
use App\Models\Weighing;
use App\Models\Worker;
use App\Models\Workshop;

/**
 * The tables of a workshop that are taken along, in the order in which they can be filled. What follows from them
 * (drawings, dates, plans, drying) is worked out anew where they are read.
 */
final class Shelves
{
    public const FORMAT = 'honest-grain/workshop';

    public const VERSION = 1;

    private const TIMES = ',created_at:t?,updated_at:t?';

    /** What is set of the workshop itself. */
    public const WORKSHOP = 'name:s,time_zone:s,hours:j,closed:j,also:j,climate:j,sanding_cap_m_s:n,min_wall_mm:n,'
        .'spare_chucks:i,dries_apart:b,school:j?,instruments:j?,equipment:j?,learnt:j?,unlearnt:j?,dye_factors:j?,'
        .'hour_rate:n?,lathe_kw:n?,kwh_price:n?';

    /** @return list<Shelf> */
    public static function all(): array
    {
        return [
            new Shelf('workers', Worker::class, 'name:s,hours:j?,also:j,away:j,skills:j?'.self::TIMES, by: 'user_id'),
            new Shelf('airs', Air::class, 'kind:s,name:s,setting:j?,warmed:j?,station:s'.self::TIMES),
            new Shelf('air_readings', null, 'at:t,temp_c:n,rh_percent:n,source:s,nonsense:s?',
                ['air_id' => 'airs'], of: 'air_id'),
            new Shelf('abrasives', Abrasive::class, 'grit:s,discs:i,price:n?'.self::TIMES),
            new Shelf('tins', Tin::class, 'product:s,label:j,stock_ml:n?,opened_on:t?,note:s?,price_per_l:n?,'
                .'empty_g:n?,g_per_ml:n?,good_months:n?,ratio:j?'.self::TIMES),
            new Shelf('goods', StoredGood::class, 'good:s,stock:n?,price:n?'.self::TIMES),
            new Shelf('woods', OwnWood::class, 'name:s,typed:j'.self::TIMES),
            new Shelf('mixes', OwnMix::class, 'name:s,typed:j'.self::TIMES),
            new Shelf('dyes', Dye::class, 'name:s,product:s,rgb:s,stock:n?,price:n?'.self::TIMES),
            new Shelf('swatches', Swatch::class, 'name:s,wood:s,grit:s?,layers:j,coat:s?,made_on:t,photo:s?,points:j?,'
                .'measured:j?,counts:b,note:s?'.self::TIMES),
            new Shelf('recipes', Recipe::class, 'name:s,document:j,version:i,was:j?,gone_at:t?'.self::TIMES),
            new Shelf('pieces', Piece::class, 'weight:n,state:s,document:j,version:i,revision:i,fault:j?'.self::TIMES,
                ['air_id' => 'airs', 'behind_id' => 'pieces']),
            new Shelf('piece_revisions', PieceRevision::class, 'number:i,document:j,what:s'.self::TIMES,
                ['piece_id' => 'pieces'], 'user_id', 'piece_id'),
            new Shelf('pins', StepPin::class, 'step:s,start_at:t', ['piece_id' => 'pieces']),
            new Shelf('blanks', Blank::class, 'number:i,document:j,solid:j?,photo:s?,version:i,gone_at:t?'.self::TIMES,
                ['air_id' => 'airs', 'piece_id' => 'pieces']),
            new Shelf('weighings', Weighing::class, 'at:t,mass_g:n,meter_percent:n?,source:s,batch:s?,struck_at:t?,'
                .'sure_at:t?'.self::TIMES, ['blank_id' => 'blanks', 'corrects_id' => 'weighings'], 'user_id'),
            new Shelf('timers', Timer::class, 'kind:s,name:s?,started_at:t,rings_at:t?,stopped_at:t?',
                ['piece_id' => 'pieces'], 'user_id'),
            new Shelf('cups', MixedCup::class, 'product:s,mixed_ml:n,left_ml:n,mixed_at:t,good_until:t?,emptied_at:t?,'
                .'taken:j'.self::TIMES, ['timer_id' => 'timers'], 'user_id'),
            new Shelf('log_entries', LogEntry::class, 'kind:s,step:s?,title:s?,happened_at:t,minutes:n?,body:s?,'
                .'facts:j,revision:i?,once_key:s?,created_at:t', ['piece_id' => 'pieces', 'undoes_id' => 'log_entries'],
                'user_id'),
            new Shelf('sales', Sale::class, 'for_whom:s?,price:n?,token:s,is_public:b,photos:j?,version:i'.self::TIMES,
                ['piece_id' => 'pieces'], of: 'piece_id'),
            new Shelf('stock_moves', StockMove::class, 'batch:s,kind:s,what:s,before:n?,after:n,price_before:n?,'
                .'price_after:n?,taken_back_at:t?'.self::TIMES, by: 'user_id'),
        ];
    }

    /** What is set of the workshop, as a row. */
    public static function workshop(): Shelf
    {
        return new Shelf('workshop', Workshop::class, self::WORKSHOP);
    }

    /** @return array<string, mixed> of the whole, as JSON schema: the manifest, and a row of each table */
    public static function schema(): array
    {
        $rows = [];
        foreach ([self::workshop(), ...self::all()] as $shelf) {
            $rows[$shelf->name] = $shelf->schema();
        }
        unset($rows['workshop']['properties']['id'], $rows['workshop']['required'][0]);
        $rows['workshop']['required'] = array_values($rows['workshop']['required']);
        $rows['person'] = [
            'type' => 'object', 'required' => ['name', 'email', 'role'], 'additionalProperties' => false,
            'properties' => ['name' => ['type' => 'string'], 'email' => ['type' => 'string'],
                'role' => ['type' => 'string']],
        ];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => self::FORMAT,
            'type' => 'object', 'required' => ['format', 'version', 'made_at', 'files'],
            'properties' => [
                'format' => ['const' => self::FORMAT], 'version' => ['const' => self::VERSION],
                'made_at' => ['type' => 'string'], 'program' => ['type' => 'string'],
                'files' => ['type' => 'object', 'additionalProperties' => [
                    'type' => 'object', 'required' => ['sha256', 'bytes'], 'properties' => [
                        'sha256' => ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$'],
                        'bytes' => ['type' => 'integer', 'minimum' => 0],
                        'rows' => ['type' => 'integer', 'minimum' => 0],
                    ],
                ]],
            ],
            '$defs' => $rows,
        ];
    }
}

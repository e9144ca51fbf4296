<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\DeriveRack;
use App\Models\Air;
use App\Planning\Airs;
use App\Planning\Planner;
use App\View\Show;
use HonestGrain\Coating\AirReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Validator;

/** What a sensor of the maker's own says of an air, by the key of that air. */
class SensorController extends Controller
{
    /** A sensor that was away may send so many at once. */
    private const MOST = 500;

    /** Dates follow a sensor that speaks every minute no more often than this. */
    private const PLANNED_SECONDS = 900;

    private const READINGS = [
        'temp_c' => ['required', 'numeric', 'between:-100,200'],
        'rh_percent' => ['required', 'numeric', 'between:-10,200'],
        'at' => ['nullable', 'date', 'after:2000-01-01'],
    ];

    public function store(Request $request, Airs $airs, Planner $planner, Show $show): JsonResponse
    {
        $key = (string) $request->bearerToken();
        $air = $key === '' ? null : Air::query()->with('workshop')->where('sensor_key', Air::hashed($key))->first();
        if ($air === null) {
            return response()->json(['message' => say('http.sensor.no-such-key')], 401);
        }
        $sent = $request->has('readings') ? $request->only('readings') : ['readings' => [$request->all()]];
        $rules = ['readings' => ['required', 'array', 'list', 'max:'.self::MOST], 'readings.*' => ['array']];
        foreach (self::READINGS as $field => $rule) {
            $rules["readings.*.$field"] = $rule;
        }
        $check = Validator::make($sent, $rules);
        if ($check->fails()) {
            return response()->json([
                'message' => $check->errors()->first(), 'errors' => $check->errors()->toArray(),
            ], 422, options: JSON_INVALID_UTF8_SUBSTITUTE);
        }
        [$kept, $unused] = $this->record($check->validated()['readings'], $air, $airs);
        if ($kept > 0 && cache()->add("sensor-planned-$air->id", true, self::PLANNED_SECONDS)) {
            $planner->apply($air->workshop, fn (): bool => true);
            DeriveRack::dispatch($air->workshop_id);
        }

        return response()->json(['kept' => $kept, 'not_used' => $unused], 201);
    }

    /**
     * @param  list<array{temp_c: float|int|string, rh_percent: float|int|string, at?: string|null}>  $readings
     * @return array{int, list<array{at: string, why: string}>} how many are used, and what cannot be true
     */
    private function record(array $readings, Air $air, Airs $airs): array
    {
        $read = array_map(fn (array $one): AirReading => new AirReading(
            (int) (isset($one['at']) ? Carbon::parse($one['at'], 'UTC') : now())->getTimestamp(),
            round((float) $one['temp_c'], 2), round((float) $one['rh_percent'], 2),
        ), $readings);
        usort($read, fn (AirReading $a, AirReading $b): int => $a->at <=> $b->at);
        $kept = 0;
        $unused = [];
        foreach ($read as $reading) {
            $why = $reading->at > now()->addMinute()->getTimestamp() ? say('http.sensor.still-to-come')
                : $this->nonsense($airs->record($air, $reading, 'sensor'));
            if ($why === null) {
                $kept++;
            } else {
                $unused[] = ['at' => gmdate('Y-m-d\TH:i:s\Z', $reading->at), 'why' => $why];
            }
        }

        return [$kept, $unused];
    }

    private function nonsense(?string $kind): ?string
    {
        return $kind === null ? null : say("view.air-page.nonsense.$kind");
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lengths typed as on a rule, such as 5/8 or 1 1/2, become numbers for who thinks in inches. */
class ReadFractions
{
    private const LENGTHS = [
        'diameter', 'height', 'foot', 'wall', 'from', 'to', 'min_wall_mm', 'bore', 'bore_depth', 'flaw_from', 'flaw_to',
        'fault_from', 'fault_to', 'diameter_mm', 'length_mm', 'wall_mm', 'tenon_mm', 'recess_mm',
        'rough_diameter', 'rough_height', 'rough_wall', 'rough_tenon', 'swing', 'bed',
        'flaw_width', 'flaw_depth', 'joint_diameter', 'joint_depth',
    ];

    /** "5/8", "1 1/2", "1-1/2 in". */
    private const FRACTION = '/^\s*(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)\s*(?:"|in\.?)?\s*$/';

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->prefers('units') === 'imperial') {
            foreach (self::LENGTHS as $name) {
                $number = self::number($request->request->get($name));
                if ($number !== null) {
                    $request->request->set($name, (string) $number);
                }
            }
        }

        return $next($request);
    }

    /** Inches of "5/8", "1 1/2", "1-1/2" or "3.25\""; null where it is not written so. */
    public static function number(mixed $text): ?float
    {
        if (! is_string($text)) {
            return null;
        }
        if (preg_match('/^\s*(\d+(?:\.\d+)?)\s*(?:"|in\.?)\s*$/', $text, $m) === 1) {
            return (float) $m[1];
        }
        if (preg_match(self::FRACTION, $text, $m) !== 1 || (int) $m[3] === 0) {
            return null;
        }

        return round((float) $m[1] + (int) $m[2] / (int) $m[3], 6);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Language\ViewText;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;

/** The words of a view's own markup: found where a person reads them, and nothing else of it touched. */
final class ViewTextTest extends FeatureTestCase
{
    public function test_a_view_in_which_nothing_is_put_otherwise_stays_as_it_is(): void
    {
        $flat = fn (string $view): string => (string) preg_replace('/\s+/', ' ', $view);
        foreach (File::allFiles(resource_path('views')) as $view) {
            self::assertSame(
                $flat($view->getContents()), $flat(ViewText::in([])->of($view->getContents())), $view->getFilename(),
            );
        }
    }

    /** @param  array<string, string>  $lines */
    #[DataProvider('views')]
    public function test_words_are_put_in_the_other_language(string $view, array $lines, string $other): void
    {
        self::assertSame($other, ViewText::in($lines)->of($view));
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function views(): iterable
    {
        yield 'a run between two tags, with its space' => [
            "<p>\n    Nothing is\n    drying.\n</p>", ['Nothing is drying.' => 'Nichts trocknet.'],
            "<p>\n    Nichts trocknet.\n</p>",
        ];
        yield 'what is echoed, where the language wants it' => [
            '<td>{{ $a->b }} of {!! f(")") !!} left</td>', ['{1} of {2} left' => 'noch von {2}: {1}'],
            '<td>noch von {!! f(")") !!}: {{ $a->b }}</td>',
        ];
        yield 'labels of a tag and of a component' => [
            '<x-field label="Name" :hint="\'Name\'" name="Name" aria-label="Name of {{ $n }}"/>',
            ['Name' => 'Namn', 'Name of {1}' => '{1}s namn'],
            '<x-field label="Namn" :hint="\'Name\'" name="Name" aria-label="{{ $n }}s namn"/>',
        ];
        yield 'no directive, no script, no comment' => [
            "@if (\$a->is('Done'))Done @endif{{-- Done --}}<script>Done</script>@php Done @endphp", ['Done' => 'Klar'],
            "@if (\$a->is('Done'))Klar @endif{{-- Done --}}<script>Done</script>@php Done @endphp",
        ];
        yield 'no address of mail' => ['<b>wren@done.example</b>', ['done' => 'klar'], '<b>wren@done.example</b>'];
        yield 'signs and places alone are no words' => [
            '<i>{{ $n }}&nbsp;·</i>', ['{1}&nbsp;·' => 'x'], '<i>{{ $n }}&nbsp;·</i>',
        ];
    }

    public function test_what_came_out_is_still_a_view(): void
    {
        $view = '<p title="On {{ $day }}">@if ($day === "Mon")Closed on {{ $day }} @else Open @endif</p>';
        $words = ViewText::in(['On {1}' => 'Den {1}', 'Closed on {1}' => '{1} zu', 'Open' => 'Auf']);
        self::assertSame('<p title="Den Mon">Mon zu </p>', Blade::render($words->of($view), ['day' => 'Mon']));
        self::assertSame('<p title="Den Tue"> Auf </p>', Blade::render($words->of($view), ['day' => 'Tue']));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Glossary;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What the app is for, task by task; where its figures come from; what its words mean; what is new. */
class HelpController extends Controller
{
    public function tasks(): View
    {
        return view('help.tasks');
    }

    public function figures(): View
    {
        return view('help.figures');
    }

    public function news(): View
    {
        return view('help.news');
    }

    public function words(Request $request, Glossary $glossary): View
    {
        $search = trim($request->string('q')->toString());

        return view('help.words', [
            'glossary' => $glossary, 'search' => $search, 'groups' => $glossary->groups($search),
        ]);
    }

    public function word(string $term, Glossary $glossary): View
    {
        return view('help.word', [
            'glossary' => $glossary, 'term' => $glossary->find($term) ?? abort(404),
        ]);
    }
}

@extends('errors.page', [
    'status' => 503,
    'heading' => say('pages.errors-503.workshop-records-do-not'),
    'title' => say('pages.errors-503.records-do-not-answer'),
    'again' => say('pages.errors-503.try-again'),
])

@section('said')
    The database is stopped or too busy; the page works again as soon as it answers. Nothing that was saved is lost. If
    you have just pressed something, look whether it stands before you press again.
@endsection

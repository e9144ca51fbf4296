@extends('errors.page', [
    'status' => 503,
    'heading' => 'The workshop\'s records do not answer',
    'title' => 'The records do not answer',
    'again' => 'Try again',
])

@section('said')
    The database is stopped or too busy; the page works again as soon as it answers. Nothing that was saved is lost. If
    you have just pressed something, look whether it stands before you press again.
@endsection

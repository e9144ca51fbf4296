@extends('errors.page', ['status' => 419, 'heading' => say('pages.errors-419.page-open-too-long')])

@section('said')
    Go back, reload it, and send it again; your browser has kept what you typed.
@endsection

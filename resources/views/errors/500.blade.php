@extends('errors.page', ['status' => 500, 'heading' => say('pages.errors-500.something-program-broke')])

@section('said')
    Nothing was half-saved. Try again; if it stays, the log on this machine says more.
@endsection

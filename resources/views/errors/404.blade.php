@extends('errors.page', ['status' => 404, 'heading' => say('pages.errors-404.there-nothing-here')])

@section('said')
    It may have been put away, or belong to another workshop.
@endsection

@extends('errors.page', ['status' => 404, 'heading' => 'There is nothing here'])

@section('said')
    It may have been put away, or belong to another workshop.
@endsection

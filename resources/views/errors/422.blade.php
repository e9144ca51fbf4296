@extends('errors.page', [
    'status' => 422,
    'heading' => 'That address was not understood',
    'title' => 'Not understood',
])

@section('said')
    {{ $exception->getMessage() }}
@endsection

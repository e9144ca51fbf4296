@extends('errors.page', [
    'status' => 422,
    'heading' => say('pages.errors-422.address-not-understood'),
    'title' => say('pages.errors-422.not-understood'),
])

@section('said')
    {{ $exception->getMessage() }}
@endsection

@extends('errors.page', [
    'status' => 422,
    'heading' => say('pages.errors-422.address-understood'),
    'title' => say('pages.errors-422.understood'),
])

@section('said')
    {{ $exception->getMessage() }}
@endsection

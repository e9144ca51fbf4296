@php($seconds = $exception->getHeaders()['Retry-After'] ?? 60)
@php($minutes = max(1, (int) ceil($seconds / 60)))
@extends('errors.page', ['status' => 429, 'heading' => say('pages.errors-429.too-many-tries')])

@section('said')
    This was asked more often than one browser or one address may. It can be asked again in {{ $minutes }} min. Nothing
    was changed, and what is kept here goes on as it is.
@endsection

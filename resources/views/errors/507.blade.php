@extends('errors.page', ['status' => 507, 'heading' => say('pages.errors-507.disk-full')])

@section('said')
    The disk of the shop's computer has no room left, so nothing was saved. Make room on it (old photographs, logs,
    other programs' files), then go back and press again: what you typed is still there.
@endsection

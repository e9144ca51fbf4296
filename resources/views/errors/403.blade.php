@extends('errors.page', ['status' => 403, 'heading' => say('pages.errors-403.not-yours-change')])

@section('said')
    Only an owner of the workshop can do this. Ask one, or go back.
@endsection
